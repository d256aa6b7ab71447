import { and, asc, desc, eq, inArray, isNotNull, isNull } from "drizzle-orm";
import { isDeepStrictEqual } from "node:util";
import { formulationSchema } from "@/contracts/formulation";
import { learnedSchema, type KitchenLearned, type LearnedChange } from "@/contracts/learned";
import type { LearnedView, RateView } from "@/contracts/learned-view";
import type { KitchenView } from "@/contracts/views";
import { formulate, type Formulated } from "@/core/formula/formulate";
import type { Poured } from "@/core/formula/weigh/as-poured";
import { withHeat } from "@/core/formula/offer/with-own";
import { diffusivityDoubt } from "@/core/formula/soak/soak";
import type { Formulation } from "@/core/formulation";
import { foretoldClimbs, learntClimb } from "@/core/learned/climb";
import { learntHeatUp } from "@/core/learned/heat-up";
import { foretoldBath } from "@/core/learned/learn-rate";
import { learntOven } from "@/core/learned/oven";
import { ratesByFood, type RateByFood, type ReadSoak } from "@/core/learned/rates";
import { scoreOf, type Foretold } from "@/core/learned/scored";
import { pantryOf } from "@/core/materials/pantry";
import type { Food } from "@/core/materials/types";
import { remembered } from "@/core/remembered";
import { type Db, type WholeDb, writing } from "./database";
import { changeKitchen, keepRate, loadKitchen } from "./kitchen";
import { pouredOf } from "./poured";
import { Refusal } from "./problem";
import { readingsOf } from "./readings";
import { roastOf } from "./roasts-seen";
import { batches, formulas, formulaVersions, readings } from "./schema";
import { ifReadable } from "./unreadable";
import * as words from "@/words/server/learned";

/** So many finished batches are looked at, the newest: a kitchen changes. */
const LOOKED_AT_MOST = 80;

type Row = Pick<
  typeof batches.$inferSelect,
  | "id"
  | "name"
  | "body"
  | "startedAtMs"
  | "priorFactor"
  | "priorDoubt"
  | "rateFactor"
  | "rateDoubt"
  | "clockFromMs"
>;

interface Finished {
  row: Row;
  /** By the plain sums: figures are held against them, without what was taken for true. */
  formulation: Formulation;
  sheet: Formulated;
  /** As it was reckoned with then. */
  asCooked: Formulation;
}

/** What this kitchen has learnt from its own batches, what was taken for true, and how what was foretold came out. */
export function loadLearned(db: Db): LearnedView {
  const kitchen = loadKitchen(db);
  const { heat, ovenReadings } = kitchen.learned;
  const leftOut = new Set(kitchen.learned.leftOut);
  const finished = finishedBatches(db);
  const roasts = finished.flatMap((f) => roastOf(db, f.row.id, f) ?? []);
  const isReal = new Set(finished.filter((f) => f.row.clockFromMs === null).map((f) => f.row.id));
  const real = roasts.filter((r) => isReal.has(r.batchId));
  const foretold = [
    ...finished.flatMap((f) => foretoldBathOf(db, f) ?? []),
    ...roasts.flatMap((r) => r.done ?? []),
    ...[real, roasts.filter((r) => !isReal.has(r.batchId))].flatMap((some) =>
      foretoldClimbs(some.flatMap((r) => r.climb ?? [])),
    ),
  ];
  return {
    rates: ratesOf(db, kitchen, leftOut),
    oven:
      learntOven(
        real.flatMap((r) => r.oven ?? []),
        ovenReadings,
        leftOut,
      ) ?? null,
    climb:
      learntClimb(
        real.flatMap((r) => r.climb ?? []),
        leftOut,
      ) ?? null,
    heatUp: learntHeatUp(ovenReadings.flatMap((r) => r.afterMin ?? [])) ?? null,
    heat,
    ovenReadings,
    score: {
      real: scoreOf(foretold.filter((f) => isReal.has(f.batchId))),
      rehearsed: scoreOf(foretold.filter((f) => !isReal.has(f.batchId))),
    },
    batches: Object.fromEntries(
      finished.map(({ row }) => [row.id, { name: row.name, atMs: row.startedAtMs }]),
    ),
  };
}

/** Batches that were lifted out, oldest first. */
function finishedBatches(db: Db): Finished[] {
  return db
    .select()
    .from(batches)
    .where(isNotNull(batches.liftedAtMs))
    .orderBy(desc(batches.startedAtMs))
    .limit(LOOKED_AT_MOST)
    .all()
    .reverse()
    .flatMap((row): Finished[] => {
      const found = workedOut(row, pouredOf(db, row.id));
      return found ? [{ row, ...found }] : [];
    });
}

/**
 * Makes one decision about what is learnt.
 * @throws Refusal 422 where there would be more readings or batches left out than are kept
 */
export function changeLearned(db: WholeDb, change: LearnedChange): void {
  writing(db, (tx) => {
    const learned = learnedSchema.safeParse(decided(loadKitchen(tx).learned, change));
    if (!learned.success)
      throw new Refusal(422, words.tooMany, learned.error.issues.map((i) => i.message).join(" "));
    changeKitchen(tx, { learned: learned.data });
  });
}

function decided(learned: KitchenLearned, change: LearnedChange): KitchenLearned {
  switch (change.kind) {
    case "heat":
      return { ...learned, heat: { ...learned.heat, ...change.heat } };
    case "forget":
      return { ...learned, heat: { ...learned.heat, [change.what]: undefined } };
    case "leaveOut": {
      const others = learned.leftOut.filter((id) => id !== change.batchId);
      return { ...learned, leftOut: change.out ? [...others, change.batchId] : others };
    }
    case "read":
    case "unread": {
      // The same reading of the same instant is one: its answer was lost, and it was sent again.
      const others = learned.ovenReadings.filter((r) => !isDeepStrictEqual(r, change.reading));
      return { ...learned, ovenReadings: change.kind === "read" ? [...others, change.reading] : others };
    }
  }
}

/**
 * Takes what was learnt of a food for true: new batches of it begin there.
 * @throws Refusal 422 where nothing was
 */
export function takeRate(db: Db, foodId: string, nowMs: number): void {
  const kitchen = loadKitchen(db);
  const rate = ratesOf(db, kitchen, new Set(kitchen.learned.leftOut)).find((r) => r.foodId === foodId);
  if (!rate) throw new Refusal(422, words.nothingLearntYet, words.noReadingHasTaughtAnything);
  keepRate(db, foodId, { factor: rate.learnt.factor, doubt: rate.learnt.doubt }, nowMs);
}

const bodyOf = (table: "batches" | "formulas", { id, body }: { id: string; body: unknown }): Formulation[] =>
  ifReadable(table, { id }, () => formulationSchema.parse(body));

const sheets = remembered<Omit<Finished, "row"> | undefined>(LOOKED_AT_MOST);

const workedOut = ({ id, body }: Row, poured: Poured | undefined) =>
  sheets(`${id} ${JSON.stringify([body, poured])}`, () => {
    const [asCooked] = bodyOf("batches", { id, body });
    if (!asCooked) return undefined;
    const formulation = withHeat(asCooked, {});
    const sheet = formulate(formulation, { poured });
    return sheet.ok ? { formulation, sheet: sheet.value, asCooked } : undefined;
  });

const baths = remembered<ReturnType<typeof foretoldBath>>(LOOKED_AT_MOST);

/** What the last reading of a bath was to be, before any was taken. */
function foretoldBathOf(db: Db, { row, formulation, sheet }: Finished): Foretold | undefined {
  const last = readingsOf(db, row.id).findLast((r) => r.reading.kind === "bathStrength");
  if (last?.reading.kind !== "bathStrength") return undefined;
  const hours = (last.atMs - row.startedAtMs) / 3_600_000;
  const prior = row.priorDoubt === null ? undefined : { factor: row.priorFactor, doubt: row.priorDoubt };
  const told = baths(
    JSON.stringify([row.id, row.body, hours, prior, sheet.load.saltG, sheet.load.waterG]),
    () => foretoldBath(formulation, sheet.load, hours, prior),
  );
  return told && { batchId: row.id, what: "bath", ...told, came: last.reading.saltFraction };
}

function ratesOf(db: Db, kitchen: KitchenView, leftOut: ReadonlySet<string>): RateView[] {
  const read = db
    .selectDistinct({ row: batches })
    .from(batches)
    .innerJoin(readings, eq(readings.batchId, batches.id))
    // A rehearsal's bath is drawn by the app: nothing of this kitchen is in it.
    .where(and(isNotNull(batches.rateDoubt), isNull(batches.clockFromMs)))
    .orderBy(asc(batches.startedAtMs))
    .all();
  const formulasOf = latestFormulas(db);
  const foods = new Map<string, Food>();
  for (const f of [...read.flatMap(({ row }) => bodyOf("batches", row)), ...formulasOf.values()]) {
    const food = pantryOf(f.own).food(f.foodId);
    if (food) foods.set(food.id, food);
  }
  const soaks = read.flatMap(({ row }): ReadSoak[] => {
    const food = foods.get(row.foodId);
    if (!food) return [];
    return [
      {
        batchId: row.id,
        foodId: row.foodId,
        before: { factor: row.priorFactor, doubt: row.priorDoubt ?? diffusivityDoubt(food) },
        after: { factor: row.rateFactor, doubt: row.rateDoubt ?? diffusivityDoubt(food) },
      },
    ];
  });
  return ratesByFood([...foods.values()], soaks, leftOut).map((rate) => ({
    ...rate,
    name: foods.get(rate.foodId)?.name ?? rate.foodId,
    kept: kitchen.rates[rate.foodId] ?? null,
    readyH: readyOf(formulasOf.get(rate.foodId), rate),
  }));
}

/** The newest formula of each food. */
function latestFormulas(db: Db): Map<string, Formulation> {
  const ids = db.select({ id: formulas.id }).from(formulas).where(isNull(formulas.archivedAtMs)).all();
  const versions = db
    .select({ id: formulaVersions.formulaId, body: formulaVersions.body })
    .from(formulaVersions)
    .where(
      inArray(
        formulaVersions.formulaId,
        ids.map((f) => f.id),
      ),
    )
    .orderBy(asc(formulaVersions.createdAtMs))
    .all();
  return new Map(
    versions.flatMap((version) => bodyOf("formulas", version).map((f) => [f.foodId, f] as const)),
  );
}

function readyOf(formulation: Formulation | undefined, { learnt }: RateByFood): RateView["readyH"] {
  if (!formulation) return null;
  const at = (rateFactor: number) => {
    const sheet = formulate(formulation, { rateFactor });
    return sheet.ok ? sheet.value.soak.window.ready.likely : undefined;
  };
  const [here, table] = [at(learnt.factor), at(1)];
  return here === undefined || table === undefined ? null : { learnt: here, table, of: formulation.name };
}
