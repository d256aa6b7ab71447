import { withinRail, windowFrom } from "./window";
import { softened } from "./softened";

const keep = { hours: 24, reason: "texture_limit" as const, method: "wet" as const };
const ready = { early: 5, likely: 6, late: 8 };
const over = { early: 20, likely: 26, late: 40 };

describe("a window", () => {
  test("is cut off where practice ends it, whatever salt would allow", () => {
    expect(windowFrom({ keep }, ready, over)).toEqual({
      ready,
      past: { early: 20, likely: 24, late: 24 },
      pastReason: "over_salted",
      lacks: "salt",
      keepLimitH: 24,
    });
  });

  test("ends for the reason that comes first: at the limit's own hour it is the limit", () => {
    const reason = (early?: number) =>
      windowFrom({ keep }, ready, early === undefined ? {} : { ...over, early }).pastReason;
    expect([reason(23.99), reason(24), reason(30), reason()]).toEqual([
      "over_salted",
      "texture_limit",
      "texture_limit",
      "texture_limit",
    ]);
    expect(windowFrom({ keep }, ready, {}).past).toEqual({ early: 24, likely: 24, late: 24 });
  });

  test("what is missing before it: spread, where dry salt is all to go in; the pockets' meeting; else salt", () => {
    const lacks = (kind: "drySalt" | "bath" | "within", excess?: boolean) =>
      windowFrom({ keep, contact: { kind }, ...(excess !== undefined && { excess }) }, ready, {}).lacks;
    expect([lacks("bath"), lacks("drySalt"), lacks("drySalt", true), lacks("drySalt", false)]).toEqual([
      "salt",
      "spreading",
      "salt",
      "spreading",
    ]);
    expect([lacks("within"), lacks("within", true)]).toEqual(["meeting", "meeting"]);
  });

  test("of a crust by its bake alone: a quarter more is past it", () => {
    const bake = { earlyH: 1, likelyH: 1.2, lateH: 1.6 } as NonNullable<
      Parameters<typeof windowFrom>[0]["bake"]
    >;
    const baked = windowFrom({ keep, bake }, ready, over);
    expect(baked.ready).toEqual({ early: 1, likely: 1.2, late: 1.6 });
    expect(baked.past).toEqual({ early: 1.5, likely: 2, late: 2.5 });
    expect(baked).toMatchObject({ pastReason: "over_baked", lacks: "salt", keepLimitH: 2 });
  });
});

test("hours past the rail's end are not known, at its end they are", () => {
  expect(withinRail({ early: 95, likely: 96, late: 96.1 })).toEqual({ early: 95, likely: 96 });
});

describe("soft edges of an ensemble about the finer run's likely hour", () => {
  const window = windowFrom({ keep }, ready, {});
  const edged = (early?: number, late?: number) =>
    softened(window, {
      ...window,
      ready: { ...(early !== undefined && { early }), ...(late !== undefined && { late }) },
    }).ready;

  test("never on the wrong side of it, and unknown where the ensemble does not know", () => {
    expect(edged(4, 9)).toEqual({ early: 4, likely: 6, late: 9 });
    expect(edged(7, 5)).toEqual({ early: 6, likely: 6, late: 6 });
    expect(edged()).toEqual({ early: undefined, likely: 6, late: undefined });
    const unknown = softened({ ...window, ready: {} }, { ...window, ready: { early: 4, late: 9 } }).ready;
    expect(unknown).toEqual({ early: 4, likely: undefined, late: 9 });
  });
});
