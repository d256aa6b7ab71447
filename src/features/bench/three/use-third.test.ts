/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import { useState } from "react";
import { chops } from "@/core/formula/formulation.fixture";
import { preparationOffered } from "@/core/formula/offer/defaults";
import type { Formulation } from "@/core/formulation";
import type { Third, ThirdAnswer } from "@/core/ways/third";
import { useThird } from "./use-third";

interface Question {
  input: Formulation;
  which: Third;
  answer: (answer: ThirdAnswer) => void;
}
const asked: Question[] = [];

jest.mock("@/ui/what-if/workers", () => ({
  askQuickly: (question: (sums: unknown) => Promise<unknown>) =>
    question({
      third: (input: Formulation, which: Third) =>
        new Promise((answer) => asked.push({ input, which, answer })),
    }),
}));

const timed = chops({ preparation: { ...preparationOffered("timed", 0.014) }, pullH: 6 });

/** The Bench with its draft: what `useThird` changes is what it is given next. */
const opened = (first: Formulation) =>
  renderHook(() => {
    const [value, setValue] = useState(first);
    return { value, setValue, third: useThird(value, setValue, 1) };
  });
type Bench = ReturnType<typeof opened>["result"];
const hours = (bench: Bench, pullH: number) =>
  act(async () => void bench.current.third.set("hours", (f) => ({ ...f, pullH })));
const wanted = (bench: Bench, targetFraction: number) =>
  act(
    async () =>
      void bench.current.third.set("salt", (f) => ({
        ...f,
        preparation: { ...f.preparation, targetFraction },
      })),
  );
const answer = (at: number, given: ThirdAnswer) => act(async () => asked[at].answer(given));
const solvedFor = (input: Formulation, share: number): ThirdAnswer =>
  ({
    ok: true,
    input: { ...input, preparation: { ...input.preparation, strength: { as: "solution", value: share } } },
  }) as unknown as ThirdAnswer;
const strengthOf = (f: Formulation) => (f.preparation as { strength?: { value: number } }).strength?.value;

beforeEach(() => asked.splice(0));

test("hours are the cook's: the strength follows, and until it does the figures are those of before", async () => {
  const { result } = opened(timed);
  expect(result.current.third.follower).toBe("strength");
  await hours(result, 9);
  expect(result.current.value.pullH).toBe(9);
  expect(result.current.third.seen.pullH).toBe(6);
  expect(asked.map((q) => [q.which, q.input.pullH])).toEqual([["strength", 9]]);
  await answer(0, solvedFor(asked[0].input, 0.04));
  expect(strengthOf(result.current.value)).toBe(0.04);
  expect(result.current.third.seen).toBe(result.current.value);
});

test("whichever was left alone longest follows", async () => {
  const { result } = opened(timed);
  await hours(result, 9);
  await answer(0, solvedFor(asked[0].input, 0.04));
  await act(async () => void result.current.third.set("strength", (f) => f));
  // Strength and hours are the cook's now: what is wanted follows them.
  expect(result.current.third.follower).toBe("salt");
  expect(asked.at(-1)?.which).toBe("salt");
  await answer(1, { ok: true, input: asked[1].input });
  await wanted(result, 0.012);
  expect(result.current.third.follower).toBe("hours");
});

test("an answer that a later change has overtaken is not taken", async () => {
  const { result } = opened(timed);
  await hours(result, 9);
  await hours(result, 12);
  await answer(0, solvedFor(asked[0].input, 0.04));
  expect(result.current.third.seen.pullH).toBe(6);
  await answer(1, solvedFor(asked[1].input, 0.03));
  expect(strengthOf(result.current.value)).toBe(0.03);
  expect(result.current.value.pullH).toBe(12);
});

test("what else was changed while it was sought stays; of another preparation nothing is taken", async () => {
  const { result } = opened(timed);
  await hours(result, 9);
  act(() => result.current.setValue((f) => ({ ...f, name: "Typed meanwhile" })));
  await answer(0, solvedFor(asked[0].input, 0.04));
  expect(result.current.value).toMatchObject({ name: "Typed meanwhile", pullH: 9 });
  expect(strengthOf(result.current.value)).toBe(0.04);
  await hours(result, 10);
  act(() => result.current.setValue((f) => ({ ...f, preparation: preparationOffered("dry", 0.014) })));
  await answer(1, solvedFor(asked[1].input, 0.05));
  expect(result.current.value.preparation.kind).toBe("dryBrine");
  expect(result.current.third.problem).toBeNull();
});

test("where none follows it says what stands in the way, and how far it gets", async () => {
  const { result } = opened(timed);
  await hours(result, 1);
  await answer(0, { ok: false, why: "too_slow", nearest: { fraction: 0.008, input: timed } });
  expect(result.current.third.problem).toContain("brings 1.4 %: at the strongest it is 0.8 %");
  expect(result.current.value.pullH).toBe(1);
  expect(result.current.third.seen).toBe(result.current.value);
  await hours(result, 9);
  await answer(1, solvedFor(asked[1].input, 0.04));
  expect(result.current.third.problem).toBeNull();
});

test("dry salt follows what is wanted by itself: nothing is sought", async () => {
  const { result } = opened(chops({ preparation: preparationOffered("dry", 0.014), pullH: 20 }));
  await hours(result, 9);
  expect(asked).toEqual([]);
  expect(result.current.third.seen.pullH).toBe(9);
});
