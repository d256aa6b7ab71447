import { sql } from "drizzle-orm";
import { z } from "zod";
import { chops } from "@/core/formula/formulation.fixture";
import { NO_LIMITS } from "@/core/safety/limits";
import { finishedBatches, runningBatches, unjudgedBatches } from "./batch-views";
import { startBatch } from "./batches";
import { liftBatch } from "./taken-out";
import { openDatabase } from "./database";
import { createFormula } from "./formulas";
import { formulaHeads, listFormulas } from "./formula-views";
import { changeKitchen, loadKitchen } from "./kitchen";
import { loadLearned } from "./learned";
import { listRecord } from "./record";
import { recordQuery } from "@/contracts/record";
import { loadShelfView } from "./shelf";
import { createSitting, listSittings } from "./sittings";
import { onChange } from "./changes";
import { alsoUnreadable, forgetUnreadable, ifReadable, unreadable } from "./unreadable";

const NOW = Date.UTC(2026, 10, 28, 15);
const HOUR = 3_600_000;

/** Two of everything, so that one can be spoilt. */
function kitchen() {
  const db = openDatabase(":memory:");
  const ids = ["Good", "Bad"].map((name) => {
    const formulation = chops({ name });
    const { formulaId } = createFormula(db, formulation, "", NOW);
    const start = (atMs: number) =>
      startBatch(db, { formulaId, formulation, startAtMs: atMs, acknowledgements: [] }, atMs).id;
    const lifted = start(NOW - 40 * HOUR);
    liftBatch(db, lifted, NOW - 30 * HOUR, NOW);
    const { id: sittingId } = createSitting(
      db,
      {
        name,
        tableMs: NOW + 30 * HOUR,
        dishes: [],
        kitchen: { fridgeL: 100, ovens: 1, shelves: 3, rings: 4, coolers: 1, trays: 4, vessels: 3, cooks: 1 },
        quiet: { from: "22:30", to: "06:30" },
        absences: [],
        pins: [],
        getsUp: false,
      },
      NOW,
    );
    return { formulaId, running: start(NOW - HOUR), lifted, sittingId };
  });
  return { db, good: ids[0], bad: ids[1] };
}

const namesOf = (rows: readonly { name: string }[]) => rows.map((r) => r.name);
const told = () => unreadable().map(({ what, id }) => `${what} ${id}`);
afterEach(forgetUnreadable);

test("met first, it is told of on every page that stands open; met again, or by a thread beside, it is not", () => {
  let heard = 0;
  const stop = onChange("stores", () => void heard++);
  const meet = (id: string) => ifReadable("batches", { id }, () => z.string().parse(1));
  meet("a");
  expect(heard).toBe(1);
  ifReadable("batches", { id: "a" }, () => "reads");
  meet("a");
  alsoUnreadable([{ what: "batch", id: "a", field: "" }]);
  expect(heard).toBe(1);
  alsoUnreadable([{ what: "sitting", id: "a", field: "" }]);
  expect(heard).toBe(2);
  forgetUnreadable();
  meet("a");
  expect(heard).toBe(3);
  stop();
});

/* JSON that breaks its contract, and what is no JSON at all. */
test.each(['{"name":"Bad"}', '{"name":"Ba', "null"])(
  "one row that reads %s takes no list with it",
  (spoilt) => {
    const { db, good, bad } = kitchen();
    for (const table of ["formula_versions", "batches", "sittings"])
      db.run(
        sql`update ${sql.identifier(table)} set body = ${spoilt} where json_extract(body, '$.name') = 'Bad'`,
      );
    expect(runningBatches(db).map((b) => b.id)).toEqual([good.running]);
    expect(finishedBatches(db).map((b) => b.id)).toEqual([good.lifted]);
    expect(unjudgedBatches(db, 9).map((b) => b.id)).toEqual([good.lifted]);
    expect(namesOf(listFormulas(db))).toEqual(["Good"]);
    expect(namesOf(listSittings(db))).toEqual(["Good"]);
    const shelf = loadShelfView(db, NOW);
    expect([namesOf(shelf.running), namesOf(shelf.sittings)]).toEqual([["Good"], ["Good"]]);
    expect(() => loadLearned(db)).not.toThrow();
    expect(() => listRecord(db, recordQuery.parse({}))).not.toThrow();
    // Each is named once, however many lists it is left out of.
    expect(told().sort()).toEqual(
      [
        `batch ${bad.lifted}`,
        `batch ${bad.running}`,
        `formula ${bad.formulaId}`,
        `sitting ${bad.sittingId}`,
      ].sort(),
    );
    expect(unreadable().find((row) => row.what === "formula")).toMatchObject({ name: "Bad" });
  },
);

test("tags that do not read leave a formula out; mended, it is there again and no more is said", () => {
  const { db, bad } = kitchen();
  const set = (tags: string) => db.run(sql`update formulas set tags = ${tags} where id = ${bad.formulaId}`);
  set('[{"x":1}]');
  expect(namesOf(formulaHeads(db))).toEqual(["Good"]);
  expect(told()).toEqual([`formula ${bad.formulaId}`]);
  set('["oven"]');
  expect(namesOf(formulaHeads(db))).toEqual(["Bad", "Good"]);
  expect(told()).toEqual([]);
});

test("settings that do not read give way to the usual ones, and that is said of each", () => {
  const { db } = kitchen();
  loadKitchen(db);
  db.run(sql`update kitchen set limits = '{"eaters":7}', usual = 'oven'`);
  const { limits, name } = loadKitchen(db);
  expect(limits).toEqual(NO_LIMITS);
  expect(name).toBe("This kitchen");
  expect(unreadable().map((row) => [row.what, row.id])).toEqual([
    ["settings", "limits"],
    ["settings", "usual"],
  ]);
  // Changing another loses neither, and nothing is less said for it; set anew, it reads.
  changeKitchen(db, { name: "The lock" });
  const kept = db.get<{ limits: string; usual: string; name: string }>(
    sql`select limits, usual, name from kitchen`,
  );
  expect(kept).toEqual({ limits: '{"eaters":7}', usual: "oven", name: "The lock" });
  expect(loadKitchen(db).name).toBe("The lock");
  expect(unreadable()).toHaveLength(2);
  changeKitchen(db, {});
  changeKitchen(db, { limits: NO_LIMITS });
  expect(loadKitchen(db).limits).toEqual(NO_LIMITS);
  expect(unreadable().map((row) => row.id)).toEqual(["usual"]);
});

test("what is not the row's own fault is not swallowed", () => {
  const fault = () => ifReadable("batches", { id: "b" }, () => JSON.parse("{") as unknown);
  expect(fault).toThrow(SyntaxError);
  expect(ifReadable("batches", { id: "b" }, () => z.number().parse("7"))).toEqual([]);
  expect(ifReadable("batches", { id: "b" }, () => z.number().parse(7))).toEqual([7]);
});
