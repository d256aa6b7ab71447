import { coreState } from "./core-watch";

const MIN = 60_000;
const exit = { channel: "probe" as const, outC: 60 };
const read = (minutes: readonly (readonly [number, number])[], channel = "probe") =>
  minutes.map(([m, value]) => ({ channel, atMs: m * MIN, value }));
const state = (minutes: readonly (readonly [number, number])[], nowMin: number, sinceMin = 0) =>
  coreState(exit, read(minutes), sinceMin * MIN, nowMin * MIN);

describe("what is read", () => {
  test("only its own channel, since it went in, up to now", () => {
    expect(coreState(exit, read([[5, 61]], "probe2"), 0, 10 * MIN)).toEqual({ kind: "unread" });
    expect(state([[5, 61]], 10, 6)).toEqual({ kind: "unread" });
    expect(state([[5, 61]], 10, 5).kind).toBe("takeOut");
    expect(state([[5, 61]], 4)).toEqual({ kind: "unread" });
    expect(state([[5, 61]], 5).kind).toBe("takeOut");
    expect(state([], 5)).toEqual({ kind: "unread" });
  });

  test("at its exit since the first reading that was, however it goes on", () => {
    expect(state([[5, 59.9]], 6)).toEqual({ kind: "rising", coreC: 59.9 });
    expect(
      state(
        [
          [5, 60],
          [6, 62],
          [7, 61],
        ],
        8,
      ),
    ).toEqual({
      kind: "takeOut",
      coreC: 61,
      overC: 1,
      sinceMs: 5 * MIN,
    });
  });
});

describe("a probe that slipped", () => {
  test("is one that falls four degrees within five minutes", () => {
    expect(
      state(
        [
          [1, 50],
          [5, 46],
        ],
        6,
      ),
    ).toEqual({ kind: "slipped", coreC: 46, byC: 4 });
    expect(
      state(
        [
          [1, 50],
          [5, 46.1],
        ],
        6,
      ).kind,
    ).toBe("rising");
    expect(
      state(
        [
          [1, 50],
          [6, 46],
        ],
        6,
      ).kind,
    ).toBe("slipped");
    expect(
      state(
        [
          [1, 50],
          [6.1, 46],
        ],
        7,
      ).kind,
    ).toBe("rising");
  });

  test("from the highest of those minutes, and before anything else is said", () => {
    expect(
      state(
        [
          [1, 48],
          [2, 61],
          [3, 55],
        ],
        4,
      ),
    ).toEqual({ kind: "slipped", coreC: 55, byC: 6 });
  });
});

describe("a probe that is silent", () => {
  const every = (gapMin: number, coreC: number) =>
    read([...Array(4).keys()].map((i) => [i * gapMin, coreC] as const));
  const after = (gapMin: number, coreC: number, silentMin: number) =>
    coreState(exit, every(gapMin, coreC), 0, (3 * gapMin + silentMin) * MIN);

  test("near the end, three minutes on: twelve degrees under its exit at most", () => {
    expect(after(0.1, 48, 2.99).kind).toBe("rising");
    expect(after(0.1, 48, 3)).toEqual({ kind: "silent", coreC: 48, forMs: 3 * MIN });
    expect(after(0.1, 47.9, 30).kind).toBe("rising");
  });

  test("one that is read seldom, five of its own intervals", () => {
    expect(after(2, 50, 9.9).kind).toBe("rising");
    expect(after(2, 50, 10).kind).toBe("silent");
  });

  test("read twice it keeps no interval, thrice it does: the middle one of the last ten", () => {
    expect(
      state(
        [
          [0, 50],
          [1, 50],
        ],
        60,
      ).kind,
    ).toBe("rising");
    expect(
      state(
        [
          [0, 50],
          [1, 50],
          [2, 50],
        ],
        60,
      ).kind,
    ).toBe("silent");
    const paced = [
      [0, 50],
      [1, 50],
      [2, 50],
      [30, 50],
    ] as const;
    expect(state(paced, 34.9).kind).toBe("rising");
    expect(state(paced, 35).kind).toBe("silent");
    // A dozen readings a minute apart, then three ten minutes apart: of the last ten gaps most are a minute.
    const long = [...Array(12).keys()].map((i) => [i, 50] as const);
    const slow = [...long, [21, 50], [31, 50], [41, 50]] as const;
    expect(state(slow, 45.9).kind).toBe("rising");
    expect(state(slow, 46).kind).toBe("silent");
  });

  test("a median of unlike gaps, not the first or the longest", () => {
    // Gaps of 9, 1 and 2 minutes: the middle one is 2, five of them ten.
    const uneven = [
      [0, 50],
      [9, 50],
      [10, 50],
      [12, 50],
    ] as const;
    expect(state(uneven, 21.9).kind).toBe("rising");
    expect(state(uneven, 22).kind).toBe("silent");
  });
});
