import { existsSync, writeFileSync } from "node:fs";
import { PORK_LOIN } from "@/server/demo/brines";
import { freshFile, openKitchen } from "../../tests/server";
import { pause } from "./process";

/** Debian's package libfaketime. */
const LIBRARY = "/usr/lib/x86_64-linux-gnu/faketime/libfaketimeMT.so.1";
/** What the machine's clock is set to, one after the other. */
const JUMPS = ["+0", "+365d", "+0", "-30d", "+2h", "+3650d", "+0"];
const AFTER_MS = 8000;

/** The machine's clock is set ahead and back by days and years under a running kitchen. */
export async function soakClock(port: number): Promise<void> {
  if (!existsSync(LIBRARY)) return console.log("left out: libfaketime is not installed (Debian: faketime)");
  const databasePath = freshFile();
  const at = `${databasePath}.clock`;
  writeFileSync(at, "+0");
  const kitchen = await openKitchen(port, {
    example: "whole",
    databasePath,
    env: {
      LD_PRELOAD: LIBRARY,
      FAKETIME_TIMESTAMP_FILE: at,
      FAKETIME_NO_CACHE: "1",
      // As on a real machine: only the wall's clock can be set.
      FAKETIME_DONT_FAKE_MONOTONIC: "1",
    },
  });
  const rows = [];
  for (const jump of JUMPS) {
    writeFileSync(at, jump);
    await pause(AFTER_MS);
    const from = performance.now();
    const alive = await fetch(`${kitchen.url}/api/alive`);
    const serverMs = Number(alive.headers.get("kitchen-time"));
    const work = await (await fetch(`${kitchen.url}/work`)).text();
    const made = await fetch(`${kitchen.url}/api/v1/formulas`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ formulation: PORK_LOIN, note: jump }),
    });
    rows.push({
      "clock set to": jump,
      "the kitchen's, days off": ((serverMs - Date.now()) / 86_400_000).toFixed(1),
      "page at work": /The kitchen machine’s clock moved/.test(work) ? "says that it jumped" : "says nothing",
      answers: `${alive.status} ${made.status}`,
      "in ms": (performance.now() - from).toFixed(0),
    });
  }
  console.table(rows);
  await kitchen.kill();
}
