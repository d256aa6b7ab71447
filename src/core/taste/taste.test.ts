import fc from "fast-check";
import { intervalOf, meanOf } from "../bayes/grid";
import { USUAL_WANTED } from "../formula/offer/defaults";
import { seeded } from "../instruments/random";
import { shuffled } from "./drawn";
import { houseTaste, isKnown } from "./house";
import {
  chanceOfFirst,
  likedOf,
  likingAfter,
  nextPair,
  tableBelief,
  usualBelief,
  type Answer,
} from "./liking";
import {
  CARRIERS,
  carrierOf,
  PAIRS_AN_EATER,
  SAMPLE_FRACTIONS,
  samplesOf,
  saltToAdd,
  saltWaterToAdd,
  sodiumOfTasting,
} from "./samples";
import { answers, beliefIn, nextEater, questionFor, type Tasting, type Told } from "./tasting";

const EATERS = [
  { id: "a", name: "Table 1" },
  { id: "b", name: "Table 2" },
];
const tasting = (over: Partial<Tasting> = {}): Tasting => ({
  seed: 4,
  carrier: "potato",
  way: "pairs",
  eaters: EATERS,
  answers: [],
  ...over,
});

/** An eater who likes so much salt, with the lapses and the unsteadiness of the model. */
function eats(liked: number, draw: () => number) {
  return (first: number, second: number): "first" | "second" =>
    draw() <
    chanceOfFirst(Math.log(SAMPLE_FRACTIONS[first]), Math.log(SAMPLE_FRACTIONS[second]), Math.log(liked))
      ? "first"
      : "second";
}

function tastedBy(liked: number, seed: number, pairs = PAIRS_AN_EATER): Tasting {
  const choose = eats(liked, seeded(seed));
  const t = tasting({ seed, eaters: [EATERS[0]] });
  for (let i = 0; i < pairs; i++) {
    const q = questionFor(t, "a");
    if (q?.kind !== "pair") throw new Error("asked nothing");
    t.answers.push({
      eaterId: "a",
      kind: "pair",
      first: q.first,
      second: q.second,
      liked: choose(q.first, q.second),
    });
  }
  return t;
}

describe("ten answers", () => {
  const EATERS_TRIED = 300;
  const draw = seeded(20_261);
  /** Sum of twelve: normal enough for eaters. */
  const normal = () => Array.from({ length: 12 }, draw).reduce((a, b) => a + b, -6);
  const tried = Array.from({ length: EATERS_TRIED }, (_, i) => {
    const liked = USUAL_WANTED * Math.exp(0.3 * normal());
    return { liked, found: likedOf(beliefIn(tastedBy(liked, 100 + i), "a")) };
  });

  test("narrow it to within ± 0.15 %, on average over random eaters who slip now and then", () => {
    const half = tried.map(({ found }) => (found.high - found.low) / 2);
    expect(half.reduce((a, b) => a + b, 0) / tried.length).toBeLessThan(0.0015);
  });

  test("the interval said to hold two times in three holds 60 to 75 in a hundred", () => {
    const held = tried.filter(({ liked, found }) => found.low <= liked && liked <= found.high).length;
    expect(held / tried.length).toBeGreaterThan(0.6);
    expect(held / tried.length).toBeLessThan(0.75);
  });

  test("they come nearer than the usual figure does, and more of them nearer still", () => {
    const off = (found: number, liked: number) => Math.abs(Math.log(found / liked));
    const mean = (of: (t: (typeof tried)[number]) => number) =>
      tried.reduce((sum, t) => sum + of(t), 0) / tried.length;
    expect(mean((t) => off(t.found.fraction, t.liked))).toBeLessThan(
      mean((t) => off(USUAL_WANTED, t.liked)) / 1.8,
    );
  });
});

describe("what a belief says", () => {
  test("nothing said is the usual", () => {
    expect(likedOf(usualBelief()).fraction).toBeCloseTo(USUAL_WANTED, 4);
    expect(likingAfter([])).toEqual(usualBelief());
  });

  test("the order of answers does not matter, and one for the saltier moves it up", () => {
    const pair = fc.tuple(fc.constantFrom(...SAMPLE_FRACTIONS), fc.constantFrom(...SAMPLE_FRACTIONS));
    fc.assert(
      fc.property(fc.array(pair, { maxLength: 8 }), (pairs) => {
        const said = pairs.map(([likedFraction, otherFraction]): Answer => ({
          kind: "pair",
          likedFraction,
          otherFraction,
        }));
        const [there, back] = [likedOf(likingAfter(said)), likedOf(likingAfter([...said].reverse()))];
        expect(there.fraction).toBeCloseTo(back.fraction, 9);
        const saltier: Answer = { kind: "pair", likedFraction: 0.018, otherFraction: 0.006 };
        expect(likedOf(likingAfter([...said, saltier])).fraction).toBeGreaterThanOrEqual(there.fraction);
      }),
      { seed: 3, numRuns: 60 },
    );
  });

  test("no difference between two says it lies about their middle; said too salty moves it down", () => {
    const alike = likedOf(likingAfter([{ kind: "alike", fractions: [0.0079, 0.0104] }])).fraction;
    expect(alike).toBeLessThan(USUAL_WANTED);
    const said = (salt: number) => likedOf(likingAfter([{ kind: "said", fraction: 0.0137, salt }])).fraction;
    expect(said(2)).toBeLessThan(said(1));
    expect(said(1)).toBeLessThan(said(0));
    expect(said(-1)).toBeGreaterThan(said(0));
  });

  test("a dinner says the same as a tasting, and less", () => {
    const moved = (kind: "said" | "batch") =>
      Math.log(likedOf(likingAfter([{ kind, fraction: 0.014, salt: 2 }])).fraction / USUAL_WANTED);
    expect(moved("batch")).toBeLessThan(0);
    expect(moved("batch")).toBeGreaterThan(moved("said"));
  });

  test("a table's middle lies between its eaters', surer than one of them", () => {
    const [low, high] = [
      likingAfter([{ kind: "said", fraction: 0.0104, salt: 0 }]),
      likingAfter([{ kind: "said", fraction: 0.018, salt: 0 }]),
    ];
    const table = tableBelief([low, high]);
    expect(meanOf(table)).toBeCloseTo((meanOf(low) + meanOf(high)) / 2, 6);
    const width = (b: typeof low) => intervalOf(b, 2 / 3)[1] - intervalOf(b, 2 / 3)[0];
    expect(width(table)).toBeLessThan(Math.min(width(low), width(high)));
  });
});

describe("what is asked", () => {
  test("the same tasting asks the same; a pair is two samples; first and second are drawn", () => {
    const t = tasting();
    expect(questionFor(t, "a")).toEqual(questionFor(t, "a"));
    const firsts = Array.from({ length: 40 }, (_, seed) => questionFor(tasting({ seed }), "a"));
    const saltierFirst = firsts.filter((q) => q?.kind === "pair" && q.first > q.second).length;
    expect(saltierFirst).toBeGreaterThan(8);
    expect(saltierFirst).toBeLessThan(32);
  });

  test("asked where it tells most: who likes much salt is soon asked about much salt", () => {
    const liked: Answer = { kind: "pair", likedFraction: 0.018, otherFraction: 0.0104 };
    const [a, b] = nextPair(likingAfter([liked, liked, liked]), SAMPLE_FRACTIONS, []);
    expect(Math.min(a, b)).toBeGreaterThanOrEqual(2);
  });

  test("each to the end of their questions, one after the other, and then nobody", () => {
    const t = tasting({ way: "liking" });
    const order: string[] = [];
    for (let who = nextEater(t); who; who = nextEater(t)) {
      const q = questionFor(t, who.id);
      if (q?.kind !== "said") throw new Error("asked nothing");
      order.push(who.id);
      t.answers.push({ eaterId: who.id, kind: "said", sample: q.sample, salt: 0 });
    }
    expect(order.join("")).toBe("aaaaabbbbb");
    for (const id of ["a", "b"])
      expect(
        t.answers
          .filter((a) => a.eaterId === id)
          .map((a) => (a.kind === "said" ? a.sample : -1))
          .sort((a, b) => a - b),
      ).toEqual([0, 1, 2, 3, 4]);
    expect(questionFor(t, "stranger")).toBeUndefined();
  });

  test("an answer to another question is none to this", () => {
    const q = questionFor(tasting(), "a");
    if (q?.kind !== "pair") throw new Error("asked nothing");
    const told: Told = { eaterId: "a", kind: "pair", first: q.first, second: q.second, liked: null };
    expect(answers(q, told)).toBe(true);
    expect(answers(q, { ...told, first: q.second, second: q.first })).toBe(false);
    expect(answers(q, { ...told, eaterId: "b" })).toBe(false);
    expect(answers(q, { eaterId: "a", kind: "said", sample: q.first, salt: 0 })).toBe(false);
  });
});

describe("the samples", () => {
  test("five codes that differ and say nothing: the saltiest is not always the highest", () => {
    const places = new Set<number>();
    for (let seed = 0; seed < 60; seed++) {
      const samples = samplesOf(seed, carrierOf("potato"), "pairs", 3);
      expect(new Set(samples.map((s) => s.code)).size).toBe(5);
      expect(samples.every((s) => /^[1-9]\d\d$/.test(s.code))).toBe(true);
      places.add(
        [...samples].sort((a, b) => a.code.localeCompare(b.code)).findIndex((s) => s.fraction === 0.018),
      );
    }
    expect(places.size).toBe(5);
  });

  test.each(CARRIERS)(
    "$id: by hand, its own salt counted, the salt put in is the share of the whole",
    (carrier) => {
      for (const { carrierG, naclG, fraction } of samplesOf(1, carrier, "pairs", 6))
        expect((naclG + carrier.nativeFraction * carrierG) / (carrierG + naclG)).toBeCloseTo(fraction, 12);
    },
  );

  test("by hand: 200 g of mince with 0.17 % of its own to 1.04 %: 200 × 0.0087 ÷ 0.9896 = 1.758 g", () => {
    expect(saltToAdd(200, 0.0017, 0.0104)).toBeCloseTo(1.758, 3);
    expect(saltToAdd(200, 0.02, 0.0104)).toBe(0);
  });

  test("by hand: the same by salt water of 10 %: 200 × 0.0087 ÷ 0.0896 = 19.42 g, 1.942 g of salt in 219.4 g", () => {
    const waterG = saltWaterToAdd(200, 0.0017, 0.0104, 0.1);
    expect(waterG).toBeCloseTo(19.42, 2);
    expect((0.1 * waterG + 200 * 0.0017) / (200 + waterG)).toBeCloseTo(0.0104, 12);
  });

  test("enough for every spoon that may be asked for; minced meat is cooked to its official minimum", () => {
    const [one] = samplesOf(1, carrierOf("stock"), "pairs", 12);
    expect(one.carrierG).toBeGreaterThanOrEqual(12 * 9 * 10);
    expect(carrierOf("patty").cookedToC).toBe(71);
  });

  test("by hand: twenty spoons of 8 g at 1.12 % on average hold 705 mg of sodium; five of them 176 mg", () => {
    expect(sodiumOfTasting(carrierOf("potato"), "pairs")).toBeCloseTo(705, -0.5);
    expect(sodiumOfTasting(carrierOf("potato"), "liking")).toBeCloseTo(176, -0.5);
  });

  test("shuffled is the same things, drawn the same by the same seed", () => {
    const things = [1, 2, 3, 4, 5, 6];
    expect(shuffled(things, seeded(5))).toEqual(shuffled(things, seeded(5)));
    expect([...shuffled(things, seeded(5))].sort((a, b) => a - b)).toEqual(things);
    expect(
      new Set(Array.from({ length: 30 }, (_, s) => shuffled(things, seeded(s)).join())).size,
    ).toBeGreaterThan(20);
  });
});

describe("the house taste", () => {
  const salty = { ...tastedBy(0.018, 7), eaters: [EATERS[0]] };
  test("nobody asked: the usual, and not known", () => {
    const taste = houseTaste([], []);
    expect(taste.table.fraction).toBeCloseTo(USUAL_WANTED, 4);
    expect(isKnown(taste)).toBe(false);
  });

  test("eaters of several tastings are one eater; what they said at dinner counts with them", () => {
    const once = houseTaste([salty], []);
    const twice = houseTaste([salty, { ...salty, seed: 9 }], []);
    expect(twice.eaters).toHaveLength(1);
    expect(twice.answers).toBe(2 * once.answers);
    expect(twice.table.high - twice.table.low).toBeLessThan(once.table.high - once.table.low);
    const dinner = houseTaste([salty], [{ fraction: 0.014, salt: 2, who: "table 1 " }]);
    expect(dinner.eaters[0].batches).toBe(1);
    expect(dinner.table.fraction).toBeLessThan(once.table.fraction);
    expect(isKnown(once)).toBe(true);
  });

  test("judged batches alone move the table: three found too salty at 1.6 % want less, three at rest as much", () => {
    const found = (salt: number) =>
      houseTaste([], Array(4).fill({ fraction: 0.016, salt }) as never).table.fraction;
    expect(found(1)).toBeLessThan(found(0));
    expect(found(0)).toBeGreaterThan(USUAL_WANTED);
    expect(found(1)).toBeLessThan(USUAL_WANTED);
  });
});
