/** Loads the example kitchen into DATABASE_PATH unless that kitchen is already in use. */
import { openDatabase } from "@/server/database";
import { loadPlannedDemo } from "@/server/demo/load";
import { Refusal } from "@/server/problem";

const file = process.env.DATABASE_PATH ?? "data/demo.db";
try {
  loadPlannedDemo(openDatabase(file), Date.now());
  console.log(`Example kitchen loaded into ${file}.`);
} catch (error) {
  if (!(error instanceof Refusal)) throw error;
  console.log(`${file} already holds a kitchen; it is left as it is.`);
}
