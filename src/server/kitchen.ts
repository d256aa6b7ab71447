import { eq } from "drizzle-orm";
import { USUAL } from "@/contracts/usual";
import { limitsSchema, usualSchema, wordsSchema } from "@/contracts/kitchen";
import { learnedSchema, NOTHING_LEARNED, type KitchenLearned } from "@/contracts/learned";
import type { KitchenRequest } from "@/contracts/requests";
import type { KitchenView, Rate } from "@/contracts/views";
import { USUAL_WORDS } from "@/core/quantity/words";
import { NO_LIMITS } from "@/core/safety/limits";
import { announceStores } from "./changes";
import type { Db } from "./database";
import { loadOwn } from "./own-entries";
import { kitchen, rates } from "./schema";
import { settingOr } from "./unreadable";
import * as words from "@/words/server/kitchen";

const NEW_KITCHEN = { id: 1, name: words.thisKitchen, measures: "metric" as const };

/** The kitchen's own settings; a new database starts with the machine's time zone. */
export function loadKitchen(db: Db): KitchenView {
  const row = db.select().from(kitchen).where(eq(kitchen.id, 1)).get() ?? firstRow(db);
  return {
    name: row.name,
    timeZone: row.timeZone,
    measures: row.measures,
    limits: settingOr("limits", NO_LIMITS, limitsSchema, row.limits),
    words: settingOr("words", USUAL_WORDS, wordsSchema, row.words),
    usual: settingOr("usual", USUAL, usualSchema, row.usual),
    rates: loadRates(db),
    houseSalt: row.houseSalt,
    learned: settingOr("learned", NOTHING_LEARNED, learnedSchema, row.learned),
    ...loadOwn(db),
  };
}

function firstRow(db: Db) {
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const fresh = {
    ...NEW_KITCHEN,
    timeZone,
    limits: null,
    words: null,
    usual: null,
    houseSalt: null,
    learned: null,
  };
  db.insert(kitchen).values(fresh).onConflictDoNothing().run();
  return fresh;
}

function loadRates(db: Db): Record<string, Rate> {
  const rows = db.select().from(rates).all();
  return Object.fromEntries(rows.map(({ foodId, factor, doubt }) => [foodId, { factor, doubt }]));
}

/** Keeps what was learnt of a food in this kitchen; the next batch of it begins there. */
export function keepRate(db: Db, foodId: string, rate: Rate, nowMs: number): void {
  const row = { foodId, ...rate, learntAtMs: nowMs };
  db.insert(rates).values(row).onConflictDoUpdate({ target: rates.foodId, set: row }).run();
  announceStores();
}

/** Forgets it: the table's rate holds again. */
export function forgetRate(db: Db, foodId: string): void {
  db.delete(rates).where(eq(rates.foodId, foodId)).run();
  announceStores();
}

export function changeKitchen(db: Db, change: KitchenRequest & { learned?: KitchenLearned }): KitchenView {
  const { name, timeZone, measures, limits, words, usual, houseSalt, learned } = change;
  firstRow(db);
  // Only what was changed is written: a setting that does not read is not lost by changing another.
  const row = { name, timeZone, measures, limits, words, usual, houseSalt, learned };
  if (Object.values(row).some((value) => value !== undefined))
    db.update(kitchen).set(row).where(eq(kitchen.id, 1)).run();
  announceStores();
  return loadKitchen(db);
}
