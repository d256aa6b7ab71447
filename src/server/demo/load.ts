import type { OwnEntryRequest } from "@/contracts/kitchen";
import { NOTHING_LEARNED } from "@/contracts/learned";
import { formulate } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { findSalt } from "@/core/materials/lookup";
import { calibratedSalt } from "@/core/materials/pantry";
import type { Salt } from "@/core/materials/types";
import { programOf } from "@/core/program/program";
import { actsIn } from "@/core/program/step";
import type { Program } from "@/core/program/step";
import { VOLUME_ML } from "@/core/quantity/units";
import type { KitchenLimits } from "@/core/safety/limits";
import { startBatch } from "../batches";
import { type Db, writing } from "../database";
import { createFormula, saveVersion, shelveFormula } from "../formulas";
import { attachInstrument } from "../instruments";
import { changeKitchen } from "../kitchen";
import { keepOwn } from "../own-entries";
import { Refusal } from "../problem";
import { batches, formulas } from "../schema";
import { createSitting, listSittings, loadSitting } from "../sittings";
import { confirmAct } from "../work";
import { DUCK_LEGS, PORK_LOIN } from "./brines";
import { CELERIAC, GREY_MULLET, MACKEREL } from "./fish-and-crusts";
import { comingSaturdays, startedFor, startedForDay } from "./hours";
import { LAMB_SHOULDER, SHORT_RIBS, TOFU } from "./mixtures";
import { demoSeason, firstTryOf } from "./season";
import { demoSittings, type Named } from "./sittings";

const ZONE = "Europe/London";
const MIN_MS = 60_000;
const HOUR_MS = 60 * MIN_MS;
/** How long the lamb has been in the oven, and by how much the cure is overdue. */
const IN_OVEN_MS = 75 * MIN_MS;
const OVERDUE_MS = 6 * MIN_MS;

/** Its own light flake salt by its own tablespoon, and the tub everything stands in. */
const CANTEENS_OWN: OwnEntryRequest[] = [
  { kind: "salt", entry: calibratedSalt(named("kosher_flake_light"), 8.1, VOLUME_ML.metric_tbsp) },
  {
    kind: "vessel",
    entry: { id: "own-blue-tub", name: "The long blue tub", vessel: PORK_LOIN.vessel },
  },
];

function named(saltId: string): Salt {
  const salt = findSalt(saltId);
  if (!salt) throw new Error(`demo salt "${saltId}" is not in the table`);
  return salt;
}

/** Whom the canteen feeds with care, and its one fridge shelf. */
const CANTEEN: KitchenLimits = {
  eaters: [
    {
      id: "lock-table",
      name: "the lock table",
      avoids: [],
      sodiumMg: 2000,
      infant: false,
      atRisk: false,
      noAlcohol: false,
      mostHeat: "medium",
    },
  ],
  fridge: { widthMm: 560, depthMm: 480, heightMm: 260 },
  thermometer: true,
};

/** What is soaking when the example is loaded, at which half hours it may come out, and at which for a Saturday's table. */
export const DEMO_SOAKS = [
  { of: "loin", formulation: PORK_LOIN, outHours: [11], saturdayHours: [8, 11] },
  { of: "duck", formulation: DUCK_LEGS, outHours: [14, 16, 18], saturdayHours: [12, 14] },
] as const;

/**
 * Loads the example kitchen: two batches soaking, one in the oven, one overdue by a little, a season of judged ones, two sittings.
 * @throws Refusal 409 unless the kitchen is empty: examples never mix with real work
 */
export function loadDemoKitchen(db: Db, nowMs: number): void {
  const inUse = db.select().from(formulas).limit(1).get() ?? db.select().from(batches).limit(1).get();
  if (inUse)
    throw new Refusal(409, "Kitchen in use", "The example kitchen loads into an empty kitchen only.");
  writing(db, (tx) => {
    changeKitchen(tx, {
      name: "Tarrow Lock Canteen",
      timeZone: ZONE,
      measures: "metric",
      limits: CANTEEN,
      learned: {
        ...NOTHING_LEARNED,
        ovenReadings: [
          { dialC: 180, readC: 167, afterMin: 27, atMs: nowMs - 24 * 40 * HOUR_MS },
          { dialC: 200, readC: 188, atMs: nowMs - 24 * 40 * HOUR_MS },
        ],
      },
    });
    for (const entry of CANTEENS_OWN) keepOwn(tx, entry, nowMs);
    const hoursAgo = (h: number) => nowMs - h * HOUR_MS;

    const firstTry = firstTryOf(PORK_LOIN, 0.016);
    const loin = createFormula(tx, firstTry, "First try", hoursAgo(24 * 100));
    const note = "Eaters found 1.6 % a touch salty";
    saveVersion(tx, loin.formulaId, { formulation: PORK_LOIN, baseVersion: 1, note }, hoursAgo(24 * 80));
    const duck = createFormula(tx, DUCK_LEGS, "As on the card by the fridge", hoursAgo(24 * 99));

    const written = (formulation: Formulation, daysAgo: number) => ({
      formulation,
      formulaId: createFormula(tx, formulation, "First written down", hoursAgo(24 * daysAgo)).formulaId,
    });
    const lamb = written(LAMB_SHOULDER, 98);
    const ribs = written(SHORT_RIBS, 97);
    const tofu = written(TOFU, 96);
    const mackerel = written(MACKEREL, 95);
    const mullet = written(GREY_MULLET, 94);
    const celeriac = written(CELERIAC, 93);
    const tagged: [string, string[]][] = [
      [loin.formulaId, ["Saturday", "oven"]],
      [duck.formulaId, ["Saturday", "overnight"]],
      [lamb.formulaId, ["overnight", "grill"]],
      [mackerel.formulaId, ["quick", "fish"]],
      [mullet.formulaId, ["fish", "oven"]],
    ];
    for (const [id, tags] of tagged) shelveFormula(tx, id, { tags }, nowMs);
    const begin = (formulaId: string, formulation: Formulation, startAtMs: number) =>
      startBatch(tx, { formulaId, formulation, startAtMs, acknowledgements: [] }, startAtMs).id;
    demoSeason(tx, nowMs, ZONE, {
      firstLoin: { formulaId: loin.formulaId, formulation: firstTry },
      loin: { formulaId: loin.formulaId, formulation: PORK_LOIN },
      duck: { formulaId: duck.formulaId, formulation: DUCK_LEGS },
      ...{ lamb, ribs, tofu, mackerel, mullet, celeriac },
    });
    const ids = { loin: loin.formulaId, duck: duck.formulaId };
    const saturdays = comingSaturdays(nowMs, ZONE);
    const fits: Named[] = [];
    for (const { of, formulation, outHours, saturdayHours } of DEMO_SOAKS) {
      const soak = { soakH: formulation.pullH, outHours: saturdayHours };
      const forTable = startedForDay(saturdays.tableMs, nowMs, ZONE, soak);
      const startedAtMs = forTable ?? startedFor(nowMs, ZONE, formulation.pullH, outHours);
      const batchId = begin(ids[of], formulation, startedAtMs);
      tickPast(tx, batchId, formulation, { startedAtMs, untilMs: nowMs });
      fits.push({ formulaId: ids[of], formulation, ...(forTable !== undefined && { batchId }) });
    }
    for (const body of demoSittings(nowMs, saturdays, fits, [lamb, ribs, mullet, celeriac]))
      createSitting(tx, body, nowMs);
    const roastFromMs = Math.round(nowMs - IN_OVEN_MS - untilOvenMs(LAMB_SHOULDER));
    inTheOven(tx, begin(lamb.formulaId, LAMB_SHOULDER, roastFromMs), { startedAtMs: roastFromMs, nowMs });
    const curedMs = nowMs - OVERDUE_MS - MACKEREL.pullH * HOUR_MS;
    const cured = begin(mackerel.formulaId, MACKEREL, curedMs);
    tickPast(tx, cured, MACKEREL, { startedAtMs: curedMs, untilMs: nowMs - OVERDUE_MS - MIN_MS });
  });
}

/** The example, its sittings planned as if somebody had looked at them: the Shelf then knows their acts. */
export function loadPlannedDemo(db: Db, nowMs: number): void {
  loadDemoKitchen(db, nowMs);
  for (const { id } of listSittings(db)) loadSitting(db, id, nowMs);
}

/** From going into its marinade to going into the oven. */
function untilOvenMs(formulation: Formulation): number {
  const into = programFor(formulation).steps.find((step) => step.id === "stage_1");
  if (!into) throw new Error(`${formulation.name} goes into no oven`);
  return into.atMin * MIN_MS;
}

/** The lamb: marinated, taken out, in the oven for a while, with a probe in it since it went in. */
function inTheOven(db: Db, batchId: string, at: { startedAtMs: number; nowMs: number }): void {
  const { startedAtMs, nowMs } = at;
  tickPast(db, batchId, LAMB_SHOULDER, { startedAtMs, untilMs: nowMs });
  // Of the seeds tried, the one whose roast keeps most nearly to its minutes.
  attachInstrument(db, batchId, { channel: "probe", seed: 6 }, nowMs - IN_OVEN_MS);
}

function programFor(formulation: Formulation): Program {
  const sheet = formulate(formulation);
  if (!sheet.ok) throw new Error(`${formulation.name} does not work out`);
  return programOf(formulation, sheet.value);
}

/** Acts of a running batch that were due by now are ticked off, as a canteen would have. */
function tickPast(
  db: Db,
  batchId: string,
  formulation: Formulation,
  { startedAtMs, untilMs }: { startedAtMs: number; untilMs: number },
): void {
  for (const act of actsIn(programFor(formulation))) {
    const atMs = Math.round(startedAtMs + act.atMin * 60_000);
    if (atMs <= untilMs) confirmAct(db, batchId, act.id, { atMs }, Math.max(atMs, untilMs));
  }
}
