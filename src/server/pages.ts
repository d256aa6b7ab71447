import { printedOf } from "@/contracts/printed";
import { notFound as showNotFound, redirect } from "next/navigation";
import { ZodError } from "zod";
import { ifReadable, WHAT } from "./unreadable";
import { firstOffered } from "@/core/ways/first-offered";
import { findFood } from "@/core/materials/lookup";
import { loadAtWorkView } from "./at-work";
import { derivedHere } from "./derived-here";
import { heavy } from "./heavy/pool";
import { hubOf } from "./live/hub";
import { sittingPlanned } from "./planned";
import { loadBatch, runningBatches, unjudgedBatches } from "./batch-views";
import { breath } from "./breath";
import { saltHeld } from "./as-lifted";
import { pouredOf } from "./poured";
import { loadWork } from "./work";
import { database, databaseFile } from "./database";
import { kitchenDoor } from "./door/admit";
import { listTokens, tokensFile } from "./door/tokens";
import { listSnapshots, snapshotFolder } from "./safekeeping/snapshots";
import { whereUsed } from "./where-used";
import { listFormulas, loadFormula } from "./formula-views";
import { loadKitchen } from "./kitchen";
import { recordQuery } from "@/contracts/record";
import { batchesOfFormula, listRecord, nextTime, trendPoints, madeOfFormulas } from "./record";
import { Refusal } from "./problem";
import { listSittings } from "./sittings";
import type { BatchView } from "@/contracts/views";
import type { Formulated } from "@/core/formula/formulate";
import { sheetOf } from "./sheets";
import { loadShelfView, programsFirst } from "./shelf";
import { loadTaste, loadTasting } from "./taste";
import { plannedNow } from "./exchange/plan-out";

/** What each page shows, read from the kitchen's database. */

type Search = Record<string, string | string[] | undefined>;

const FIRST_FOOD = "pork_chop_bonein";

/** What a page is of: a row that does not read has a page that says so, in place of one that breaks. */
type Of = Parameters<typeof ifReadable>[0];

/** Turns "there is no such thing" into the not-found page, and a row that does not read into a page that names it. */
async function orNotFound<T>(read: () => T | Promise<T>, table: Of, id: string): Promise<T> {
  try {
    return await read();
  } catch (error) {
    if (error instanceof Refusal && error.status === 404) showNotFound();
    if (!(error instanceof ZodError)) throw error;
    ifReadable(table, { id }, () => {
      throw error;
    });
    redirect(`/does-not-read/${encodeURIComponent(WHAT[table])}/${encodeURIComponent(id)}`);
  }
}

/** A version's number in an address; undefined for anything else. */
const versionIn = (text: Search[string]): number | undefined =>
  typeof text === "string" && /^\d{1,6}$/.test(text) ? Number(text) : undefined;

async function chosenFormula(search: Search) {
  const { formula, version } = search;
  if (typeof formula !== "string") return null;
  return orNotFound(() => loadFormula(database(), formula, versionIn(version)), "formulas", formula);
}

/** On every page: whether it came just now, or out of a browser's store. */
export const drawnAtMs = (): number => Date.now();

/** What every page is drawn with: when it is told of another, it is read anew. */
export const storesVersion = (): string => hubOf(database()).storesVersion;

/** All that was done by now: asked before a page's own is read, so that nothing done meanwhile is missed. */
const drawnWith = (): string => hubOf(database()).doneVersion;

/** What every page is drawn in. */
export const kitchenMeasures = () => loadKitchen(database()).measures;

export async function loadBench(search: Search) {
  const food = findFood(FIRST_FOOD);
  if (!food) throw new Error(`${FIRST_FOOD} is not in the table`);
  const kitchen = loadKitchen(database());
  return {
    kitchen,
    formula: await chosenFormula(search),
    fresh: firstOffered(food, kitchen.houseSalt ?? undefined),
    nowMs: Date.now(),
  };
}

export function loadTastePage() {
  const db = database();
  return { kitchen: loadKitchen(db), view: loadTaste(db) };
}

export async function loadLearnedPage() {
  const db = database();
  const seen = drawnWith();
  return {
    kitchen: loadKitchen(db),
    view: await heavy(db, "learned"),
    taste: loadTaste(db),
    drawnWith: seen,
  };
}

export async function loadTastingPage(id: string) {
  const db = database();
  return { kitchen: loadKitchen(db), view: await orNotFound(() => loadTasting(db, id), "tastings", id) };
}

/** @param crockOf how a batch stands, drawn beside the view; its sheet is undefined where the sums no longer work out */
export async function loadShelf<Crock>(
  crockOf: (batch: BatchView, sheet: Formulated | undefined, nowMs: number) => Crock,
) {
  const nowMs = Date.now();
  for (const work of programsFirst(database())) {
    work();
    await breath();
  }
  const seen = drawnWith();
  const view = loadShelfView(database(), nowMs);
  const crocks: Record<string, Crock> = {};
  for (const batch of view.running) {
    const poured = pouredOf(database(), batch.id);
    crocks[batch.id] = crockOf(batch, sheetOf(batch.formulation, batch.rate.factor, poured), nowMs);
    await breath();
  }
  return { ...view, crocks, drawnWith: seen };
}

export async function loadBatchPage(id: string) {
  const db = database();
  const seen = drawnWith();
  const batch = await orNotFound(() => loadBatch(db, id), "batches", id);
  const work = loadWork(db, id, Date.now());
  const newest = await orNotFound(() => loadFormula(db, batch.formulaId), "formulas", batch.formulaId);
  return {
    kitchen: loadKitchen(db),
    batch,
    work,
    drawnWith: seen,
    derived: (await derivedHere(db, batch)) ?? null,
    newest: { version: newest.version, formulation: newest.formulation },
    proposals: nextTime(db, newest.formulation),
    nowMs: Date.now(),
  };
}

/** A formula's sheet for printing; without one, the tab's own draft fills in. */
export async function loadPrintDraft(search: Search) {
  const kitchen = loadKitchen(database());
  const formula = await chosenFormula(search);
  const saved = formula && printedOf(formula.formulation, kitchen.rates[formula.formulation.foodId]?.factor);
  return { kitchen, formula, saved: saved ?? null };
}

export const loadRecord = (search: Search) => ({
  drawnWith: drawnWith(),
  kitchen: loadKitchen(database()),
  record: listRecord(database(), recordQuery.parse(search)),
  trends: trendPoints(database()),
});

/** Two batches side by side. */
export async function loadCompare(search: Search) {
  const db = database();
  const one = (id: string | string[] | undefined) =>
    orNotFound(
      () => {
        const batch = loadBatch(db, typeof id === "string" ? id : "");
        return { batch, work: loadWork(db, batch.id, Date.now()), heldFraction: saltHeld(db, batch.id) };
      },
      "batches",
      String(id),
    );
  return { a: await one(search.a), b: await one(search.b) };
}

export function loadStores() {
  const db = database();
  return {
    kitchen: loadKitchen(db),
    formulas: listFormulas(db, { archived: true }),
    made: madeOfFormulas(db),
    uses: whereUsed(db),
    snapshots: listSnapshots(snapshotFolder(databaseFile())),
    hasPassphrase: kitchenDoor() !== null,
    tokens: listTokens(tokensFile(databaseFile())),
  };
}

export const loadRecipePage = () => ({ kitchen: loadKitchen(database()) });

/** Two versions of a formula, to be laid side by side. */
export async function loadVersions(id: string, search: Search) {
  const db = database();
  return orNotFound(
    () => {
      const newest = loadFormula(db, id);
      const to = loadFormula(db, id, versionIn(search.to) ?? newest.version);
      const from = loadFormula(db, id, versionIn(search.from) ?? Math.max(1, to.version - 1));
      return { kitchen: loadKitchen(db), newest, from, to, batches: batchesOfFormula(db, id) };
    },
    "formulas",
    id,
  );
}

/** Everything at work; opened for one batch, that one first. */
export const loadAtWork = (focus: { batchId?: string; rehearsalId?: string } = {}) =>
  orNotFound(() => loadAtWorkView(database(), focus, Date.now()), "batches", focus.batchId ?? "");

export const loadSittings = () => ({
  drawnWith: drawnWith(),
  kitchen: loadKitchen(database()),
  sittings: listSittings(database()),
  nowMs: Date.now(),
});

export async function loadSittingPage(id: string) {
  const db = database();
  const sitting = await orNotFound(() => sittingPlanned(db, id, Date.now()), "sittings", id);
  await breath();
  const formulas = listFormulas(db);
  await breath();
  const running = [...runningBatches(db), ...unjudgedBatches(db, 6)];
  await breath();
  return { kitchen: loadKitchen(db), sitting, formulas, running, nowMs: Date.now() };
}

/** A sitting's plan on paper. */
export async function loadPrintSitting(id: string) {
  const sitting = await orNotFound(() => sittingPlanned(database(), id, Date.now()), "sittings", id);
  try {
    return { sitting, planned: plannedNow(sitting) };
  } catch (error) {
    if (error instanceof Refusal) return { sitting, planned: undefined };
    throw error;
  }
}
