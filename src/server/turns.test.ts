import { inParts, nobodyWrites, ourTurn, shareTurns, turnsGiven, turnsShared } from "./turns";

const nothing = () => undefined;
const took = async (work: () => unknown) => {
  const from = performance.now();
  await work();
  return performance.now() - from;
};

test("who writes a part at a time stands still once for whoever wanted to write since", async () => {
  await ourTurn();
  const part = inParts();
  part(nothing);
  expect(turnsGiven()).toBe(0);
  await ourTurn();
  await ourTurn();
  expect(await took(() => part(nothing))).toBeGreaterThanOrEqual(25);
  part(nothing);
  expect(turnsGiven()).toBe(1);
});

test("whoever is about to write waits for the end of a part, and this thread goes on meanwhile", async () => {
  let [ticks, ticksThen] = [0, -1];
  const timer = setInterval(() => ticks++, 1);
  const writing = new Int32Array(turnsShared());
  writing[2] = 1;
  const turn = ourTurn().then(() => (ticksThen = ticks));
  setTimeout(nobodyWrites, 30);
  await turn;
  clearInterval(timer);
  expect(ticksThen).toBeGreaterThan(0);
  expect(writing[2]).toBe(0);
});

test("a part that fails is no longer written, and nobody waits for ever", async () => {
  const part = inParts();
  const failed = () =>
    part(() => {
      throw new Error("full");
    });
  expect(failed).toThrow("full");
  expect(new Int32Array(turnsShared())[2]).toBe(0);
  new Int32Array(turnsShared())[2] = 1;
  expect(await took(ourTurn)).toBeGreaterThanOrEqual(290);
  nobodyWrites();
});

test("a thread counts with the one that began it", () => {
  const count = new SharedArrayBuffer(12);
  shareTurns(count);
  expect(turnsShared()).toBe(count);
  const part = inParts();
  const there = new Int32Array(count);
  there[0]++;
  part(() => expect(there[2]).toBe(1));
  expect([...there]).toEqual([1, 1, 0]);
});
