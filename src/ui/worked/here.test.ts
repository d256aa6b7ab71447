import { workOut, type Asked } from "@/core/bench/worked";
import { chops } from "@/core/formula/formulation.fixture";
import { NO_LIMITS } from "@/core/safety/limits";
import { sumsBeside, worked } from "./here";

let grams = 900;
const question = (): Asked => ({
  input: chops({ pieces: { ...chops().pieces, totalMassG: grams++ } }),
  rateFactor: 1,
  kitchen: NO_LIMITS,
});
afterEach(() => delete sumsBeside.ironCrockSums);

test("worked out once for all who look, here where there is nothing beside", () => {
  const q = question();
  const answer = worked(q);
  expect(answer).toEqual(workOut(q));
  expect(worked({ ...q })).toBe(answer);
});

test("beside, it is waited for by its one promise, and then stands at once; where that is away it is done here", async () => {
  const asked = jest.fn(async (of: Asked) => workOut(of));
  sumsBeside.ironCrockSums = asked;
  const q = question();
  const waiting = worked(q);
  expect(waiting).toBeInstanceOf(Promise);
  expect(worked({ ...q })).toBe(waiting);
  const answer = await waiting;
  expect(worked({ ...q })).toBe(answer);
  expect(asked).toHaveBeenCalledTimes(1);
  asked.mockRejectedValueOnce(new Error("too much at once"));
  const other = question();
  expect(await worked(other)).toEqual(workOut(other));
});

test("no more are kept than are looked at again", async () => {
  const first = question();
  const asked = jest.fn(async () => ({ ok: false }) as never);
  sumsBeside.ironCrockSums = asked;
  void worked(first);
  for (let i = 0; i < 30; i++) void worked(question());
  void worked(first);
  expect(asked).toHaveBeenCalledTimes(32);
});
