import { freshFile } from "./safekeeping/kitchens.fixture";
import { finishedBatches, runningBatches } from "./batch-views";
import { database } from "./database";
import { loadDemoKitchen } from "./demo/load";
import { formulaHeads, loadFormula } from "./formula-views";
import { saveVersion } from "./formulas";
import * as pages from "./pages";
import { listSittings } from "./sittings";
import { keepWeight } from "./work";

const NOT_FOUND = "NEXT_HTTP_ERROR_FALLBACK;404";

beforeAll(() => {
  process.env.DATABASE_PATH = freshFile();
  delete (globalThis as { ironCrockDb?: unknown }).ironCrockDb;
});
afterAll(() => delete process.env.DATABASE_PATH);

test("an empty kitchen: every page has something to stand on", async () => {
  expect(await pages.loadShelf(() => null)).toMatchObject({ empty: true, running: [], finished: [] });
  expect(await pages.loadBench({})).toMatchObject({ formula: null, fresh: { foodId: "pork_chop_bonein" } });
  expect(pages.loadRecord({})).toMatchObject({ record: { total: 0 }, trends: [] });
  expect(pages.loadStores()).toMatchObject({ formulas: [], uses: {}, snapshots: [], hasPassphrase: false });
  expect(await pages.loadAtWork()).toMatchObject({ batches: [], works: [], sittings: [] });
  expect(pages.loadSittings()).toMatchObject({ sittings: [] });
});

describe("the example kitchen", () => {
  beforeAll(() => void loadDemoKitchen(database(), Date.now()));
  const formula = (name: string) => {
    const head = formulaHeads(database()).find((f) => f.name === name);
    if (!head) throw new Error(name);
    return head.id;
  };

  test("the Shelf shows what runs, and the last three that are done", async () => {
    const { running, finished, empty, crocks } = await pages.loadShelf((batch) => batch.name);
    expect(Object.values(crocks)).toEqual(running.map((b) => b.name));
    expect(empty).toBe(false);
    expect(running.map((b) => b.id)).toEqual(runningBatches(database()).map((b) => b.id));
    expect(finished.length).toBeGreaterThan(0);
    expect(finished.length).toBeLessThanOrEqual(3);
  });

  test("the Bench opens a formula in the version asked for, the newest otherwise", async () => {
    const id = formula("Juniper pork loin");
    const { version } = loadFormula(database(), id);
    expect(version).toBeGreaterThan(1);
    const opened = async (search: Record<string, string | string[]>) =>
      (await pages.loadBench(search)).formula?.version;
    expect(await opened({ formula: id })).toBe(version);
    expect(await opened({ formula: id, version: "1" })).toBe(1);
    expect(await opened({ formula: id, version: "first" })).toBe(version);
    expect(await opened({ formula: [id, id] })).toBeUndefined();
    expect((await pages.loadPrintDraft({ formula: id })).formula?.id).toBe(id);
  });

  test("what is not there is the not-found page, wherever it is asked for", async () => {
    for (const load of [
      () => pages.loadBench({ formula: "nope" }),
      () => pages.loadBench({ formula: formula("Juniper pork loin"), version: "99" }),
      () => pages.loadBatchPage("nope"),
      () => pages.loadAtWork({ batchId: "nope" }),
      () => pages.loadVersions("nope", {}),
      () => pages.loadSittingPage("nope"),
      () => pages.loadPrintSitting("nope"),
      () => pages.loadCompare({ a: "nope", b: "nope" }),
    ])
      await expect(load()).rejects.toThrow(NOT_FOUND);
  });

  test("a batch's page knows the newest version of what it was made from", async () => {
    const [batch] = runningBatches(database());
    const { newest } = await pages.loadBatchPage(batch.id);
    const head = loadFormula(database(), batch.formulaId);
    expect(newest).toEqual({ version: head.version, formulation: head.formulation });
    saveVersion(
      database(),
      batch.formulaId,
      { formulation: { ...head.formulation, portions: 3 }, baseVersion: head.version, note: "" },
      Date.now(),
    );
    const later = await pages.loadBatchPage(batch.id);
    expect(later.newest.version).toBe(head.version + 1);
    expect(later.batch.formulation).toEqual(batch.formulation);
  });

  test("two versions side by side: the newest against the one before it, or as asked", async () => {
    const id = formula("Juniper pork loin");
    const { version } = loadFormula(database(), id);
    const sides = async (search: Record<string, string>) => {
      const { from, to } = await pages.loadVersions(id, search);
      return [from.version, to.version];
    };
    expect(await sides({})).toEqual([version - 1, version]);
    expect(await sides({ to: "1" })).toEqual([1, 1]);
    expect(await sides({ from: "1", to: String(version) })).toEqual([1, version]);
  });

  test("two batches of the record beside each other", async () => {
    const [one, other] = finishedBatches(database());
    const { a, b } = await pages.loadCompare({ a: one.id, b: other.id });
    expect([a.batch.id, b.batch.id]).toEqual([one.id, other.id]);
    expect(a.heldFraction).toBeGreaterThan(0);
  });

  test("a crock on the Shelf holds what was weighed into it", async () => {
    const db = database();
    const [batch] = runningBatches(db);
    const salt = batch.sheet.lines.find((l) => l.role === "salt");
    const bath = async () => {
      const { crocks } = await pages.loadShelf((_, sheet) => sheet?.load.saltG ?? NaN);
      return crocks[batch.id];
    };
    const before = await bath();
    keepWeight(db, batch.id, salt?.id ?? "", (salt?.massG ?? NaN) * 1.1, Date.now());
    expect((await bath()) - before).toBeCloseTo(0.1 * (salt?.naclG ?? NaN), 6);
  });

  test("a sitting opens with what it can be made of, and prints its plan", async () => {
    const [sitting] = listSittings(database());
    const page = await pages.loadSittingPage(sitting.id);
    expect(page.sitting.id).toBe(sitting.id);
    expect(page.formulas.length).toBe(formulaHeads(database()).length);
    expect((await pages.loadPrintSitting(sitting.id)).sitting.body.name).toBe(sitting.name);
  });

  test("the Stores list what is used where", () => {
    const { uses, formulas } = pages.loadStores();
    const named = new Set(formulas.map((f) => f.id));
    const all = Object.values(uses).flat();
    expect(all.length).toBeGreaterThan(10);
    expect(all.every((use) => named.has(use.formulaId))).toBe(true);
  });
});
