/*
 * SQLite lets one write at a time, and whoever waits for it on the server's own thread stops everybody. A thread that writes
 * long does so a part at a time, gives way between two parts where somebody is about to write, and says while it writes one.
 */

const held = globalThis as { ironCrockTurns?: Int32Array };

/** Where it is counted who was about to write and how often somebody gave way; and whether a part is being written. */
const [WANTED, GIVEN, WRITING] = [0, 1, 2];

/** Shared by all threads. */
function counts(): Int32Array {
  held.ironCrockTurns ??= new Int32Array(new SharedArrayBuffer(3 * Int32Array.BYTES_PER_ELEMENT));
  return held.ironCrockTurns;
}

/** For a thread, as it is begun. */
export const turnsShared = (): SharedArrayBuffer => counts().buffer as SharedArrayBuffer;

/** On a thread: the counts of the one that began it. */
export const shareTurns = (shared: SharedArrayBuffer): void => {
  held.ironCrockTurns = new Int32Array(shared);
};

/** How often somebody gave way, here or on any thread, since the server was started. */
export const turnsGiven = (): number => Atomics.load(counts(), GIVEN);

/** SQLite looks at least this often whether it may write, ms: a little more, and whoever waits has had a turn. */
const TURN_MS = 26;
const LOOKED_EVERY_MS = 2;
/** A part takes less; whatever else it is, SQLite's own waiting is for it. */
const WAITED_MOST_MS = 300;

/** Before a write: says that it is to come, and waits for the end of a part without stopping this thread. */
export async function ourTurn(): Promise<void> {
  Atomics.add(counts(), WANTED, 1);
  const until = performance.now() + WAITED_MOST_MS;
  while (Atomics.load(counts(), WRITING) === 1 && performance.now() < until)
    await new Promise((wait) => setTimeout(wait, LOOKED_EVERY_MS));
}

/**
 * For who writes a part at a time.
 * @returns writes one part; before it, stands still for a turn where somebody wanted one since the last
 */
export function inParts(): (write: () => void) => void {
  let seen = Atomics.load(counts(), WANTED);
  return (write) => {
    const wanted = Atomics.load(counts(), WANTED);
    if (wanted !== seen) {
      seen = wanted;
      Atomics.add(counts(), GIVEN, 1);
      Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, TURN_MS);
    }
    Atomics.store(counts(), WRITING, 1);
    try {
      write();
    } finally {
      nobodyWrites();
    }
  };
}

/** Also for a thread that was ended in the middle of a part. */
export const nobodyWrites = (): void => void Atomics.store(counts(), WRITING, 0);
