import { eq } from "drizzle-orm";
import type { KitchenRequest } from "@/contracts/requests";
import type { KitchenView } from "@/contracts/views";
import type { Db } from "./database";
import { kitchen } from "./schema";

const NEW_KITCHEN = { id: 1, name: "This kitchen", measures: "metric" as const };

/** The kitchen's own settings; a new database starts with the machine's time zone. */
export function loadKitchen(db: Db): KitchenView {
  const row = db.select().from(kitchen).where(eq(kitchen.id, 1)).get();
  if (row) return { name: row.name, timeZone: row.timeZone, measures: row.measures };
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const fresh = { ...NEW_KITCHEN, timeZone };
  db.insert(kitchen).values(fresh).onConflictDoNothing().run();
  return { name: fresh.name, timeZone, measures: fresh.measures };
}

export function changeKitchen(db: Db, change: KitchenRequest): KitchenView {
  const next = { ...loadKitchen(db), ...change };
  db.update(kitchen).set(next).where(eq(kitchen.id, 1)).run();
  return next;
}
