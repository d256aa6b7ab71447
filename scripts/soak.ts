/** The long tests: `npm run soak-test`, or one of them: `npm run soak-test -- kill`. Needs a build. */
import { loadExample } from "../tests/example";
import { killRounds } from "../tests/kill-rounds";
import { soakBeside } from "./soak/beside";
import { soakClock } from "./soak/clock";
import { soakDoors } from "./soak/doors";
import { soakFullDisk } from "./soak/full-disk";
import { soakHostile } from "./soak/hostile";
import { soakInstruments } from "./soak/instruments";
import { soakWatchers } from "./soak/watchers";
import { soakLoad } from "./soak/load";

const KILLS = Number(process.env.KILLS ?? 1000);
/** Two at once want a port each. */
const PORT = Number(process.env.SOAK_PORT ?? 3300);

async function kill(): Promise<void> {
  const { rounds, acknowledged, restores, lost, damaged } = await killRounds(KILLS, PORT, (soFar) =>
    console.log(JSON.stringify(soFar)),
  );
  console.table([
    {
      kills: rounds,
      ...acknowledged,
      "restores, old": restores.old,
      new: restores.new,
      lost: lost.length,
      damaged: damaged.length,
    },
  ]);
  if (lost.length + damaged.length > 0) throw new Error([...lost, ...damaged].slice(0, 5).join("; "));
}

const TESTS: Record<string, () => Promise<void> | void> = {
  kill,
  load: () => soakLoad(PORT),
  instruments: soakInstruments,
  beside: () => soakBeside(PORT).then(() => undefined),
  clock: () => soakClock(PORT),
  disk: () => soakFullDisk(PORT),
  doors: soakDoors,
  watchers: () => soakWatchers(PORT),
  hostile: soakHostile,
};

async function main(): Promise<void> {
  const wanted = process.argv.slice(2);
  loadExample();
  for (const [name, run] of Object.entries(TESTS)) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const from = performance.now();
    console.log(`\n${name}, ${new Date().toISOString().slice(0, 10)}`);
    await run();
    console.log(`${((performance.now() - from) / 1000).toFixed(0)} s`);
  }
}

void main();
