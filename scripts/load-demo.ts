/** Loads the example kitchen into DATABASE_PATH unless that kitchen is already in use. */
import { openDatabase } from "@/server/database";
import { loadDemoKitchen } from "@/server/demo/load";
import { Refusal } from "@/server/problem";
import { listSittings, loadSitting } from "@/server/sittings";

const file = process.env.DATABASE_PATH ?? "data/demo.db";
try {
  const db = openDatabase(file);
  loadDemoKitchen(db, Date.now());
  // Planned as if somebody had looked at them: the Shelf then knows their acts.
  for (const { id } of listSittings(db)) loadSitting(db, id, Date.now());
  console.log(`Example kitchen loaded into ${file}.`);
} catch (error) {
  if (!(error instanceof Refusal)) throw error;
  console.log(`${file} already holds a kitchen; it is left as it is.`);
}
