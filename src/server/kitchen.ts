import { eq } from "drizzle-orm";
import type { KitchenRequest } from "@/contracts/requests";
import type { KitchenView, Rate } from "@/contracts/views";
import type { Db } from "./database";
import { kitchen, rates } from "./schema";

const NEW_KITCHEN = { id: 1, name: "This kitchen", measures: "metric" as const };

/** The kitchen's own settings; a new database starts with the machine's time zone. */
export function loadKitchen(db: Db): KitchenView {
  const row = db.select().from(kitchen).where(eq(kitchen.id, 1)).get();
  if (row) return { name: row.name, timeZone: row.timeZone, measures: row.measures, rates: loadRates(db) };
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const fresh = { ...NEW_KITCHEN, timeZone };
  db.insert(kitchen).values(fresh).onConflictDoNothing().run();
  return { name: fresh.name, timeZone, measures: fresh.measures, rates: loadRates(db) };
}

function loadRates(db: Db): Record<string, Rate> {
  const rows = db.select().from(rates).all();
  return Object.fromEntries(rows.map(({ foodId, factor, doubt }) => [foodId, { factor, doubt }]));
}

/** Keeps what was learnt of a food in this kitchen; the next batch of it begins there. */
export function keepRate(db: Db, foodId: string, rate: Rate, nowMs: number): void {
  const row = { foodId, ...rate, learntAtMs: nowMs };
  db.insert(rates).values(row).onConflictDoUpdate({ target: rates.foodId, set: row }).run();
}

/** Forgets it: the table's rate holds again. */
export function forgetRate(db: Db, foodId: string): void {
  db.delete(rates).where(eq(rates.foodId, foodId)).run();
}

export function changeKitchen(db: Db, change: KitchenRequest): KitchenView {
  const next = { ...loadKitchen(db), ...change };
  const { name, timeZone, measures } = next;
  db.update(kitchen).set({ name, timeZone, measures }).where(eq(kitchen.id, 1)).run();
  return next;
}
