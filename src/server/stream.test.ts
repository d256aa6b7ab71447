import { chops } from "@/core/formula/formulation.fixture";
import { startBatch } from "./batches";
import { announce, onChange } from "./changes";
import { openDatabase } from "./database";
import { Refusal } from "./problem";
import { batchStream } from "./stream";
import { confirmAct, keepWeight } from "./work";

const db = openDatabase(":memory:");
const begun = () => {
  const request = { formulaId: null, formulation: chops(), startAtMs: Date.now(), acknowledgements: [] };
  return startBatch(db, request, Date.now()).id;
};

/** What a device is told, event by event. */
function listening(batchId: string) {
  const line = new AbortController();
  const reader = batchStream(db, batchId, line.signal).body?.getReader();
  const decoder = new TextDecoder();
  const next = async () => {
    const read = await reader?.read();
    const text = decoder.decode(read?.value as Uint8Array | undefined);
    return read?.done ? "over" : (JSON.parse(text.replace(/^data: /, "")) as Record<string, unknown>);
  };
  return { next, hangUp: () => line.abort() };
}

test("a device is told the whole state at once, and again when another taps", async () => {
  const id = begun();
  const [one, other] = [listening(id), listening(id)];
  expect(await one.next()).toMatchObject({ done: {} });
  expect(await other.next()).toMatchObject({ done: {} });
  confirmAct(db, id, "weigh_out", { atMs: Date.now() }, Date.now());
  announce(id);
  for (const device of [one, other])
    expect(await device.next()).toMatchObject({ done: { weigh_out: expect.any(Number) } });
  one.hangUp();
  other.hangUp();
});

test("one that hangs up is told nothing more, and the others still are", async () => {
  const id = begun();
  const [gone, stays] = [listening(id), listening(id)];
  await gone.next();
  await stays.next();
  gone.hangUp();
  expect(await gone.next()).toBe("over");
  keepWeight(db, id, "pickling", 41, Date.now());
  announce(id);
  expect(await stays.next()).toMatchObject({ weights: { pickling: 41 } });
  stays.hangUp();
});

test("another batch's news is none of its own", () => {
  const [mine, theirs] = ["a", "b"];
  let told = 0;
  const stop = onChange(mine, () => void told++);
  announce(theirs);
  expect(told).toBe(0);
  announce(mine);
  stop();
  announce(mine);
  expect(told).toBe(1);
});

test("a batch that is not there is refused before any stream begins", () =>
  expect(() => batchStream(db, "nope", new AbortController().signal)).toThrow(Refusal));

test("who was signed out meanwhile is told nothing more: the stream ends", async () => {
  const id = begun();
  let isIn = true;
  const reader = batchStream(db, id, new AbortController().signal, async () => isIn).body?.getReader();
  await reader?.read();
  isIn = false;
  // At the next tick, a second later.
  expect((await reader?.read())?.done).toBe(true);
});
