/**
 * Loads the example kitchen into DATABASE_PATH unless that kitchen is already in use. The build makes one file of it: run out of
 * its sources, with every name kept, its planning takes twice as long.
 */
import { openDatabase } from "@/server/database";
import { loadPlannedDemo } from "@/server/demo/load";
import { photographDemo } from "@/server/demo/photos";
import { Refusal } from "@/server/problem";

const file = process.env.DATABASE_PATH ?? "data/demo.db";

async function main(): Promise<void> {
  const db = openDatabase(file);
  try {
    loadPlannedDemo(db, Date.now());
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    return console.log(`${file} already holds a kitchen; it is left as it is.`);
  }
  await photographDemo(db, Date.now());
  console.log(`Example kitchen loaded into ${file}.`);
}

void main();
