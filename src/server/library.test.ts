import { chops } from "@/core/formula/formulation.fixture";
import { formulaFile } from "@/core/exchange/formula-file";
import { startBatch } from "./batches";
import { openDatabase, type WholeDb } from "./database";
import { findAnything } from "./find";
import { formulaHeads, listFormulas, loadFormula } from "./formula-views";
import {
  branchFormula,
  createFormula,
  createFromFile,
  restoreVersion,
  saveVersion,
  shelveFormula,
} from "./formulas";
import { keepOwn, loadOwn, shelveOwn } from "./own-entries";
import { usesOf, whereUsed } from "./where-used";

const NOW = Date.UTC(2026, 10, 27, 20);
let db: WholeDb;

beforeEach(() => {
  db = openDatabase(":memory:");
});

const two = () => {
  const { formulaId } = createFormula(db, chops({ name: "Loin" }), "first", NOW);
  saveVersion(
    db,
    formulaId,
    { formulation: chops({ name: "Loin", pullH: 30 }), baseVersion: 1, note: "" },
    NOW,
  );
  return formulaId;
};

describe("the library", () => {
  test("a branch begins as its version, and what it came from is known and stays", () => {
    const id = two();
    const { formulaId } = branchFormula(db, id, { version: 1, name: "Loin, milder" }, NOW);
    const branch = loadFormula(db, formulaId);
    expect(branch.formulation).toEqual({ ...chops(), name: "Loin, milder" });
    expect(branch.branchedFrom).toEqual({ formulaId: id, name: "Loin", version: 1 });
    expect(loadFormula(db, id).version).toBe(2);
  });

  test("an old version made newest goes on top; none is lost, and a stale base is refused", () => {
    const id = two();
    expect(restoreVersion(db, id, { version: 1, baseVersion: 2 }, NOW).version).toBe(3);
    expect(loadFormula(db, id).formulation.pullH).toBe(chops().pullH);
    expect(loadFormula(db, id, 2).formulation.pullH).toBe(30);
    expect(() => restoreVersion(db, id, { version: 2, baseVersion: 2 }, NOW)).toThrow("Version 3 was saved");
    expect(() => restoreVersion(db, id, { version: 9, baseVersion: 3 }, NOW)).toThrow("no such version");
  });

  test("put away it is not offered, and comes back as it was; tags are kept once each", () => {
    const id = two();
    shelveFormula(db, id, { tags: ["oven", "oven", "Saturday"], archived: true }, NOW);
    expect(listFormulas(db)).toEqual([]);
    expect(formulaHeads(db, { archived: true })).toEqual([
      { id, name: "Loin", tags: ["oven", "Saturday"], archived: true, version: 2 },
    ]);
    shelveFormula(db, id, { archived: false }, NOW);
    expect(listFormulas(db)[0]).toMatchObject({ archived: false, tags: ["oven", "Saturday"] });
    expect(() => shelveFormula(db, "nope", { archived: true }, NOW)).toThrow("no such formula");
  });

  test("a formula's file comes in with its tags", () => {
    const { formulaId } = createFromFile(db, formulaFile(chops(), ["grill"]), NOW);
    expect(loadFormula(db, formulaId)).toMatchObject({ tags: ["grill"], formulation: chops() });
  });
});

test("where used: by food, salt, line and vessel; a formula put away uses nothing", () => {
  const { vessel } = chops();
  keepOwn(db, { kind: "vessel", entry: { id: "tub", name: "Tub", vessel } }, NOW);
  const line = { ingredientId: "thyme", amountG: 2, scalesWith: "bath" as const, optional: false };
  const { formulaId } = createFormula(db, chops({ lines: [line] }), "", NOW);
  const use = [{ formulaId, name: "Chops" }];
  expect(whereUsed(db)).toEqual({
    "food/pork_chop_boneless": use,
    "salt/pickling": use,
    "ingredient/thyme": use,
    "vessel/tub": use,
  });
  expect(usesOf(db, "ingredient", "sage")).toEqual([]);
  shelveFormula(db, formulaId, { archived: true }, NOW);
  expect(usesOf(db, "vessel", "tub")).toEqual([]);
});

test("an entry put away is kept and not offered", () => {
  keepOwn(db, { kind: "vessel", entry: { id: "tub", name: "Tub", vessel: chops().vessel } }, NOW);
  shelveOwn(db, "vessel", "tub", true, NOW);
  expect(loadOwn(db)).toMatchObject({ vessels: [], putAway: [{ kind: "vessel", id: "tub", name: "Tub" }] });
  shelveOwn(db, "vessel", "tub", false, NOW);
  expect(loadOwn(db)).toMatchObject({ vessels: [{ id: "tub" }], putAway: [] });
});

describe("finding", () => {
  test("every word must fit, in any order; formulas and batches come before the tables", () => {
    const { formulaId } = createFormula(db, chops({ name: "Juniper chops" }), "", NOW);
    startBatch(
      db,
      { formulaId, formulation: chops({ name: "Juniper chops" }), startAtMs: NOW, acknowledgements: [] },
      NOW,
    );
    const found = findAnything(db, "CHOPS juniper");
    expect(found.map((f) => f.kind)).toEqual(["formula", "runningBatch"]);
    expect(findAnything(db, "juniper").at(-1)).toMatchObject({ kind: "ingredient", name: "juniper berries" });
  });

  test.each(["", "   ", "no such thing at all", "_", "';--"])(
    "“%s” finds nothing, and breaks nothing",
    (text) => {
      createFormula(db, chops(), "", NOW);
      expect(findAnything(db, text)).toEqual([]);
    },
  );

  test("letters of any language, large or small", () => {
    const request = {
      formulaId: null,
      formulation: chops({ name: "Épaule ÄRGER" }),
      startAtMs: NOW,
      acknowledgements: [],
    };
    startBatch(db, request, NOW);
    for (const text of ["épaule", "ÉPAULE ärger"])
      expect(findAnything(db, text).map((f) => f.kind)).toEqual(["formula", "runningBatch"]);
  });

  test("the kitchen's own things by their names", () => {
    keepOwn(
      db,
      { kind: "vessel", entry: { id: "tub", name: "The long blue tub", vessel: chops().vessel } },
      NOW,
    );
    expect(findAnything(db, "blue tub")).toEqual([
      { key: "own/tub", kind: "own", name: "The long blue tub", href: "/stores#own" },
    ]);
  });

  test("a sign is a letter like another", () => {
    const found = findAnything(db, "%").map((f) => f.name);
    expect(found.length).toBeGreaterThan(0);
    expect(found.every((name) => name.includes("%"))).toBe(true);
  });
});
