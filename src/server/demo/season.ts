import { TZDate } from "@date-fns/tz";
import { addDays } from "date-fns";
import type { Formulation } from "@/core/formulation";
import { isBaked } from "@/core/preparations";
import type { Judged } from "@/core/journal/outcome";
import { sampleFraction } from "@/core/taste/samples";
import { nextEater, questionFor, type Tasting } from "@/core/taste/tasting";
import { startBatch } from "../batches";
import { liftBatch } from "../taken-out";
import type { Db } from "../database";
import { tastings } from "../schema";
import { judgeBatch } from "../work";
import { bathRead, probed } from "./roasts";
import type { Named } from "./sittings";

const HOUR_MS = 3_600_000;
const SATURDAY = 6;
/** Taken out in time for the oven; the verdicts are asked for when the plates come back. */
const OUT_HOUR = 14;
const JUDGED_AFTER_H = 6;

type Dish = "firstLoin" | "loin" | "duck" | "lamb" | "ribs" | "tofu" | "mackerel" | "mullet" | "celeriac";

interface Evening {
  weeksAgo: number;
  dish: Dish;
  judged: Omit<Judged, "faults" | "words"> & Partial<Judged>;
}

/** A season of Saturdays as the canteen wrote them down. */
const SEASON: readonly Evening[] = [
  { weeksAgo: 12, dish: "firstLoin", judged: { salt: 1, evenness: -1, juiciness: 1, faults: ["too_salty"] } },
  {
    weeksAgo: 11,
    dish: "duck",
    judged: { salt: 0, texture: 2, surface: 1, words: "Skin like paper after the night bare on the rack." },
  },
  { weeksAgo: 10, dish: "lamb", judged: { salt: 0, texture: 1, juiciness: 2 } },
  { weeksAgo: 9, dish: "ribs", judged: { salt: -1, surface: 2, faults: ["bland_inside"] } },
  { weeksAgo: 8, dish: "mullet", judged: { salt: 0, surface: 2, words: "Cracked clean round the side." } },
  { weeksAgo: 7, dish: "mackerel", judged: { salt: 1, texture: 1 } },
  { weeksAgo: 6, dish: "duck", judged: { salt: 1, texture: 1, surface: 2 } },
  { weeksAgo: 5, dish: "celeriac", judged: { salt: 0, surface: 1 } },
  { weeksAgo: 4, dish: "tofu", judged: { salt: -1, texture: 1 } },
  { weeksAgo: 3, dish: "lamb", judged: { salt: 0, evenness: 1, juiciness: 1 } },
  {
    weeksAgo: 2,
    dish: "loin",
    judged: {
      evenness: 2,
      juiciness: 2,
      eaters: [
        { who: "the lock table", salt: 1 },
        { who: "Table 2", salt: 0 },
      ],
    },
  },
  { weeksAgo: 1, dish: "duck", judged: { salt: 0, texture: 2, surface: 2 } },
];

/** The same hour of the last Saturday but so many, by the kitchen's clock. */
function saturday(nowMs: number, timeZone: string, weeksAgo: number, hour: number): number {
  const today = new TZDate(nowMs, timeZone);
  const back = ((today.getDay() - SATURDAY + 7) % 7) + 7 * weeksAgo;
  const day = addDays(today, -back);
  return new TZDate(day.getFullYear(), day.getMonth(), day.getDate(), hour, 0, timeZone).getTime();
}

/** Judged batches over a season, and an evening's tasting. */
export function demoSeason(
  db: Db,
  nowMs: number,
  timeZone: string,
  dishes: Record<Exclude<Dish, "firstLoin">, Named> & { firstLoin: Named },
): void {
  for (const { weeksAgo, dish, judged } of SEASON) {
    const outMs = saturday(nowMs, timeZone, weeksAgo, OUT_HOUR);
    const id = soaked(db, dish, dishes[dish], outMs, weeksAgo);
    judgeBatch(db, id, { faults: [], words: "", ...judged }, outMs + JUDGED_AFTER_H * HOUR_MS);
  }
  const startedAtMs = saturday(nowMs, timeZone, 3, 20);
  db.insert(tastings).values({ id: "demo-tasting", body: tasted(), startedAtMs }).run();
}

/** Hours at which the salt meter was put into a bath. */
const READ_AT_H = [12, 26];

/** Dishes a probe stood in. */
const PROBED: readonly Dish[] = ["firstLoin", "loin", "mullet", "celeriac"];

function soaked(db: Db, dish: Dish, { formulaId, formulation }: Named, outMs: number, seed: number): string {
  const startAtMs = Math.round(outMs - formulation.pullH * HOUR_MS);
  const { id } = startBatch(db, { formulaId, formulation, startAtMs, acknowledgements: [] }, startAtMs);
  if (formulation.preparation.kind === "wetBrine") bathRead(db, id, formulation, startAtMs, READ_AT_H);
  const probe = (inMs: number) =>
    PROBED.includes(dish) ? probed(db, id, formulation, inMs, seed) : undefined;
  if (isBaked(formulation)) {
    const bakedMs = probe(startAtMs) ?? outMs;
    liftBatch(db, id, bakedMs, bakedMs);
  } else {
    liftBatch(db, id, outMs, outMs);
    // An hour on the board, and into the oven.
    probe(outMs + HOUR_MS);
  }
  return id;
}

/** Three of the canteen's tables, each with a taste of its own. */
const TABLES = [
  { id: "lock-table", name: "the lock table", likes: 0.0105 },
  { id: "table-2", name: "Table 2", likes: 0.0128 },
  { id: "table-3", name: "Table 3", likes: 0.0142 },
];

/** Each takes what lies nearer to what they like. */
function tasted(): Tasting {
  const eaters = TABLES.map(({ id, name }) => ({ id, name }));
  const t: Tasting = { seed: 417, carrier: "potato", way: "pairs", eaters, answers: [] };
  for (let who = nextEater(t); who; who = nextEater(t)) {
    const q = questionFor(t, who.id);
    if (q?.kind !== "pair") break;
    const likes = Math.log(TABLES.find((e) => e.id === who?.id)?.likes ?? 1);
    const off = (i: number) => Math.abs(Math.log(sampleFraction(i)) - likes);
    const liked = off(q.first) <= off(q.second) ? ("first" as const) : ("second" as const);
    t.answers.push({ eaterId: who.id, kind: "pair", first: q.first, second: q.second, liked });
  }
  return t;
}

/** Of a formula that was changed since: the salt of its first try. */
export const firstTryOf = (f: Formulation, targetFraction: number): Formulation => ({
  ...f,
  preparation: { ...f.preparation, targetFraction },
});
