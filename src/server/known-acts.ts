import { formulationSchema } from "@/contracts/formulation";
import { sheetSnapshotSchema } from "@/contracts/sheet";
import { RANGES } from "@/core/quantity/ranges";
import { programOf } from "@/core/program/program";
import type { StepKind } from "@/core/program/step";
import { remembered } from "@/core/remembered";
import { notFound } from "./problem";
import type { batches } from "./schema";
import { sheetOf } from "./sheets";
import * as words from "@/words/server/known-acts";

const HOUR_MS = 3_600_000;

/** What decides which acts a batch can have. */
export type ActsOf = Pick<
  typeof batches.$inferSelect,
  "body" | "rateFactor" | "startedAtMs" | "plannedLiftAtMs"
>;

const acts = remembered<ReadonlyMap<string, StepKind> | undefined>(60);

/** Every act a batch can have: by the hours it was started with, and as a sitting's plan may stretch them. */
const actsOf = ({ body, rateFactor, startedAtMs, plannedLiftAtMs }: ActsOf) =>
  acts(JSON.stringify([body, rateFactor, plannedLiftAtMs - startedAtMs]), () => {
    const f = formulationSchema.parse(body);
    const sheet = sheetOf(f, rateFactor);
    // One whose sums work out no more has no program, and keeps what is said of it.
    if (!sheet) return undefined;
    const hours = [(plannedLiftAtMs - startedAtMs) / HOUR_MS, f.pullH, RANGES.pullH.max];
    return new Map(
      hours.flatMap((soakH) => programOf(f, sheet, { soakH }).steps.map((s) => [s.id, s.kind] as const)),
    );
  });

/** Works out what acts a batch can have and keeps it: before the right to write is taken, which others wait for. */
export const workOutActs = (row: ActsOf): void => void actsOf(row);

/** What kind each act of a batch is, by its id. */
export const kindsOf = (row: ActsOf): ReadonlyMap<string, StepKind> => actsOf(row) ?? new Map();

/** @throws Refusal 404 where the batch has no such act */
export function knownAct(row: ActsOf, actId: string): void {
  if (actsOf(row)?.has(actId) === false) throw notFound(words.actOfThisBatch);
}

/** @throws Refusal 404 where the batch has no such line */
export function knownLine({ sheet }: Pick<typeof batches.$inferSelect, "sheet">, lineId: string): void {
  if (!sheetSnapshotSchema.parse(sheet).lines.some((l) => l.id === lineId))
    throw notFound(words.lineOfThisBatchsWeigh);
}
