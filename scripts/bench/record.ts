import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { performance } from "node:perf_hooks";
import { recordQuery } from "@/contracts/record";
import { snapshotOf } from "@/contracts/sheet";
import { outcomeAt } from "@/core/formula/account/outcome";
import { formulate } from "@/core/formula/formulate";
import { openDatabase } from "@/server/database";
import { DUCK_LEGS } from "@/server/demo/brines";
import { createFormula } from "@/server/formulas";
import { listRecord } from "@/server/record";
import { batches, samples } from "@/server/schema";

const BATCHES = 5000;
const READINGS = 200_000;
const LOOKS = 200;
const DAY_MS = 24 * 3_600_000;

/** The record's list on a kitchen of many years, in a file as the server keeps it. */
export function benchRecord(): void {
  const db = openDatabase(path.join(mkdtempSync(path.join(tmpdir(), "crock-")), "record.db"));
  const now = Date.UTC(2026, 10, 1);
  const { versionId } = createFormula(db, DUCK_LEGS, "", now);
  const sheet = formulate(DUCK_LEGS);
  if (!sheet.ok) throw new Error(sheet.error.code);
  const kept = snapshotOf(sheet.value, outcomeAt(sheet.value, 24, 12));
  db.transaction((tx) => {
    for (let i = 0; i < BATCHES; i++) {
      const startedAtMs = now - i * (DAY_MS / 4);
      tx.insert(batches)
        .values({
          id: `b${i}`,
          formulaVersionId: versionId,
          name: `${i % 7 === 0 ? "Mullet" : "Duck legs"} ${i}`,
          body: DUCK_LEGS,
          sheet: kept,
          startedAtMs,
          plannedLiftAtMs: startedAtMs + DAY_MS,
          liftedAtMs: startedAtMs + DAY_MS,
          timeZone: "Europe/London",
          foodId: DUCK_LEGS.foodId,
          kind: i % 3 === 0 ? "marinade" : "dryBrine",
          targetFraction: 0.012,
          saltScore: i % 4 === 0 ? null : (i % 5) - 2,
        })
        .run();
      for (let r = 0; r < READINGS / BATCHES; r++)
        tx.insert(samples)
          .values({ batchId: `b${i}`, channel: "probe", atMs: startedAtMs + r * 60_000, value: 5 + r })
          .run();
    }
  });
  const asks = [
    { what: "newest first", query: {} },
    { what: "a word, saltiest first", query: { find: "mullet", sort: "saltiest" } },
    { what: "one kind, judged, page 20", query: { kind: "dryBrine", judged: "yes", page: 20 } },
  ];
  console.log(`\nrecord list: ${BATCHES} batches, ${READINGS} readings`);
  console.table(
    asks.map(({ what, query }) => {
      const times = Array.from({ length: LOOKS }, () => {
        const before = performance.now();
        listRecord(db, recordQuery.parse(query));
        return performance.now() - before;
      }).sort((a, b) => a - b);
      return {
        what,
        "median ms": times[LOOKS / 2].toFixed(2),
        "p95 ms": times[Math.floor(LOOKS * 0.95)].toFixed(2),
      };
    }),
  );
}
