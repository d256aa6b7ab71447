import { carrierOf, sodiumOfTasting } from "./samples";
import { whyNotTaste } from "./who";

const eater = { infant: false, avoids: [] as string[], sodiumMg: null as number | null };
const potato = carrierOf("potato");

test("whoever has no limit may taste; an infant never", () => {
  expect(whyNotTaste(eater, potato, "pairs")).toBeUndefined();
  expect(whyNotTaste({ ...eater, infant: true }, potato, "liking", true)).toEqual({ why: "infant" });
});

test("stock may hold celery: who avoids it tastes something else", () => {
  const avoids = { ...eater, avoids: ["celery"] };
  expect(whyNotTaste(avoids, carrierOf("stock"), "liking", true)).toEqual({
    why: "allergen",
    allergens: ["celery"],
  });
  expect(whyNotTaste(avoids, potato, "liking")).toBeUndefined();
});

test("a sodium limit: just under what is swallowed bars, at it and over it does not, and who spits out may", () => {
  const mg = sodiumOfTasting(potato, "pairs");
  const limited = (sodiumMg: number) => ({ ...eater, sodiumMg });
  expect(whyNotTaste(limited(mg - 0.01), potato, "pairs")).toEqual({ why: "sodium", mg, limitMg: mg - 0.01 });
  expect(whyNotTaste(limited(mg), potato, "pairs")).toBeUndefined();
  expect(whyNotTaste(limited(mg + 0.01), potato, "pairs")).toBeUndefined();
  expect(whyNotTaste(limited(400), potato, "pairs", true)).toBeUndefined();
  expect(whyNotTaste(limited(400), potato, "liking")).toBeUndefined();
});
