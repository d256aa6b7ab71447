import { chops } from "@/core/formula/formulation.fixture";
import { NO_LIMITS } from "@/core/safety/limits";
import { soakKey } from "@/core/bench/soak-key";
import { workOut, type Asked } from "@/core/bench/worked";
import { askQuickly, SumsAway } from "../what-if/workers";
import { worked } from "./by-worker";

jest.mock("../what-if/workers", () => ({ SumsAway: class SumsAway extends Error {}, askQuickly: jest.fn() }));

/** The worker as it is, its answers given when the test says so. */
const asked: {
  of: Asked;
  has: string | undefined;
  answer: () => void;
  away: () => void;
  fail: () => void;
}[] = [];

beforeEach(() => {
  jest.useFakeTimers();
  asked.length = 0;
  jest.mocked(askQuickly).mockImplementation((question) => {
    let settle: { answer: (value: unknown) => void; away: (why: Error) => void };
    const promise = new Promise((answer, away) => {
      settle = { answer, away };
    });
    return question({
      workOut: (of: Asked, has: string | undefined) => {
        const whole = workOut(of);
        asked.push({
          of,
          has,
          // As the worker does: the sheet is left out where the page has it.
          answer: () => settle.answer(has === soakKey(of.input, 1) ? { ...whole, sheet: undefined } : whole),
          away: () => settle.away(new SumsAway()),
          fail: () => settle.away(new Error("no such row")),
        });
        return promise;
      },
    } as never);
  });
});

let grams = 1000;
/** Every test asks something that was not asked before. */
const question = (): Asked => ({
  input: chops({ pieces: { ...chops().pieces, totalMassG: grams++ } }),
  rateFactor: 1,
  kitchen: NO_LIMITS,
});
const turn = async () => {
  for (let i = 0; i < 10; i++) await Promise.resolve();
};

test("the same question is asked once, and known at once when it has been answered", async () => {
  const q = question();
  const first = worked(q);
  expect(worked({ ...q })).toBe(first);
  expect(asked).toHaveLength(1);
  asked[0].answer();
  const answer = await first;
  await turn();
  expect(worked({ ...q })).toBe(answer);
});

test("one is under way, the newest that waits goes next: what was typed over is never asked", async () => {
  const [one, two, three] = [question(), question(), question()];
  const typedOver = new AbortController();
  void worked(one);
  void worked(two, typedOver.signal);
  typedOver.abort();
  const last = worked(three);
  expect(asked).toHaveLength(1);
  asked[0].answer();
  await turn();
  expect(asked.map((a) => a.of)).toEqual([one, three]);
  asked[1].answer();
  expect(await last).toMatchObject({ ok: true, input: three.input });
  // Typed again, it is asked after all.
  void worked(two);
  await turn();
  expect(asked.at(-1)?.of).toEqual(two);
  asked.at(-1)?.answer();
  await turn();
});

test("what a page waits for to be drawn is answered, whatever newer is asked, and however often it is typed over elsewhere", async () => {
  const [one, two, three] = [question(), question(), question()];
  void worked(one);
  const first = worked(two);
  const typedOver = new AbortController();
  expect(worked({ ...two }, typedOver.signal)).toBe(first);
  typedOver.abort();
  void worked(three);
  asked[0].answer();
  await turn();
  asked[1].answer();
  await turn();
  expect(asked.map((a) => a.of)).toEqual([one, three, two]);
  asked[2].answer();
  expect(await first).toMatchObject({ ok: true, input: two.input });
  await turn();
});

test("wanted by two, it is let go of when neither wants it", async () => {
  const [one, two] = [question(), question()];
  const [mine, yours] = [new AbortController(), new AbortController()];
  void worked(one);
  void worked(two, mine.signal);
  void worked(two, yours.signal);
  mine.abort();
  asked[0].answer();
  await turn();
  expect(asked).toHaveLength(2);
  asked[1].answer();
  await turn();
  const three = question();
  const [his, hers] = [new AbortController(), new AbortController()];
  void worked(question());
  void worked(three, his.signal);
  void worked(three, hers.signal);
  his.abort();
  hers.abort();
  asked[2].answer();
  await turn();
  expect(asked).toHaveLength(3);
});

test("another pull of the same soak is answered without its sheet, and has it", async () => {
  const q = question();
  const first = worked(q);
  asked[0].answer();
  const whole = await first;
  await turn();
  const later = worked({ ...q, input: { ...q.input, pullH: 3 } });
  expect(asked[1].has).toBe(soakKey(q.input, 1));
  asked[1].answer();
  const moved = await later;
  if (!whole.ok || !moved.ok) throw new Error("refused");
  expect(moved.sheet).toBe(whole.sheet);
  expect(moved.outcome).not.toEqual(whole.outcome);
  await turn();
});

test("while the server is away it is asked again every two seconds, and then answered", async () => {
  const q = question();
  const answer = worked(q);
  asked[0].away();
  await turn();
  expect(asked).toHaveLength(1);
  await jest.advanceTimersByTimeAsync(2000);
  expect(asked.map((a) => a.of)).toEqual([q, q]);
  asked[1].answer();
  expect(await answer).toMatchObject({ ok: true });
  await turn();
});

test("sums that fail are told, not asked at every drawing of the page; a try two seconds later asks anew", async () => {
  const q = question();
  const answer = worked(q);
  asked[0].fail();
  await expect(answer).rejects.toThrow("no such row");
  await jest.advanceTimersByTimeAsync(1999);
  expect(worked({ ...q })).toBe(answer);
  expect(asked).toHaveLength(1);
  await jest.advanceTimersByTimeAsync(1);
  const again = worked(q);
  expect(asked).toHaveLength(2);
  asked[1].answer();
  expect(await again).toMatchObject({ ok: true });
  await turn();
});

test("away, and meanwhile something newer is asked: that goes first, then the older one if it is wanted", async () => {
  const [older, newer, gone] = [question(), question(), question()];
  const first = worked(older);
  asked[0].away();
  await turn();
  const last = worked(newer);
  await jest.advanceTimersByTimeAsync(2000);
  expect(asked.at(-1)?.of).toEqual(newer);
  asked.at(-1)?.answer();
  expect(await last).toMatchObject({ input: newer.input });
  await turn();
  expect(asked.at(-1)?.of).toEqual(older);
  asked.at(-1)?.answer();
  expect(await first).toMatchObject({ input: older.input });
  await turn();
  const typedOver = new AbortController();
  void worked(gone, typedOver.signal);
  asked.at(-1)?.away();
  await turn();
  typedOver.abort();
  const before = asked.length;
  await jest.advanceTimersByTimeAsync(2000);
  expect(asked).toHaveLength(before);
});
