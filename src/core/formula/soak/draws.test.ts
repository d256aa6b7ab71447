import { betweenNodes, nodeDraws, QUICKEST } from "./between-nodes";
import { drawsOf, normalQuantile, type Draw } from "./draws";

describe("normal quantiles (standard tables of the normal distribution)", () => {
  test.each([
    [0.001, -3.090232],
    [0.01, -2.326348],
    [0.02, -2.053749],
    [0.025, -1.959964],
    [0.1, -1.281552],
    [1 / 6, -0.967422],
    [0.5, 0],
    [0.8413447, 1],
    [0.975, 1.959964],
    [0.9772499, 2],
    [0.99, 2.326348],
    [0.9986501, 3],
  ])("of %d", (p, z) => expect(normalQuantile(p)).toBeCloseTo(z, 5));

  test("where one approximation hands over to the other there is no step", () => {
    for (const p of [0.02425, 1 - 0.02425])
      expect(normalQuantile(p + 1e-9) - normalQuantile(p - 1e-9)).toBeCloseTo(0, 6);
  });
});

describe("draws", () => {
  const back = (p: number) => expect.closeTo(normalQuantile(p), 9) as number;

  test("by the numbers of van der Corput in bases 2, 3 and 5 (Halton, from memory)", () => {
    expect(drawsOf(4)).toEqual([
      { thickness: back(1 / 2), rate: back(1 / 3), strength: back(1 / 5) },
      { thickness: back(1 / 4), rate: back(2 / 3), strength: back(2 / 5) },
      { thickness: back(3 / 4), rate: back(1 / 9), strength: back(3 / 5) },
      { thickness: back(1 / 8), rate: back(4 / 9), strength: back(4 / 5) },
    ]);
  });

  test("of five hundred the mean is nought and the spread one", () => {
    for (const doubt of ["thickness", "rate", "strength"] as const) {
      const all = drawsOf(500).map((d) => d[doubt]);
      const mean = all.reduce((a, b) => a + b, 0) / all.length;
      const spread = Math.sqrt(all.reduce((sum, x) => sum + (x - mean) ** 2, 0) / all.length);
      expect(mean).toBeCloseTo(0, 1);
      expect(spread).toBeCloseTo(1, 1);
    }
  });
});

describe("between the nodes", () => {
  const place = (thickness: number) => Math.log(25 + 2 * thickness);
  const hours = Float64Array.from({ length: 81 }, (_, k) => 0.1 * 10 ** (k / 20));
  const near = [
    { thickness: 0, rate: 0, strength: 0 },
    { thickness: 1.3, rate: -0.7, strength: 0.4 },
    { thickness: -2, rate: 2, strength: -1.1 },
    { thickness: 2.2, rate: 2.2, strength: 2.2 },
  ];
  /** Runs to what it ends at as 1 − e^(−t) does. */
  const readBy = (endOf: (draw: Draw) => number) =>
    betweenNodes(
      nodeDraws().map((draw) => hours.map((h) => endOf(draw) * (1 - Math.exp(-h / 6)))),
      hours,
      place,
    );

  test("every combination of few, middle and much, the quickest among them", () => {
    const nodes = nodeDraws();
    expect(nodes).toHaveLength(27);
    expect(nodes[0]).toEqual({ thickness: -2.2, rate: -2.2, strength: -2.2 });
    expect(nodes[5]).toEqual({ thickness: -2.2, rate: 0, strength: 2.2 });
    expect(nodes[26]).toEqual({ thickness: 2.2, rate: 2.2, strength: 2.2 });
    expect(QUICKEST).toEqual({ thickness: -2.2, rate: 2.2, strength: 2.2 });
  });

  test("where it ends is a parabola in each: there at the hour at which that is so", () => {
    const endOf = ({ thickness, rate, strength }: Draw) =>
      1.6 * (1 + 0.05 * (place(thickness) - place(0)) ** 2) * (1 - 0.01 * rate) * (1 + 0.03 * strength);
    const read = readBy(endOf);
    // Between two hours it goes along a straight line: nearer than two thousandths.
    for (const draw of near) expect(read(draw) / (-6 * Math.log(1 - 1 / endOf(draw)))).toBeCloseTo(1, 2.4);
  });

  test("a draw comes to it or does not, whatever the nodes do: some never get there, one does at once", () => {
    const read = readBy(({ strength }) => 1 + 0.03 * strength);
    const at = (strength: number) => read({ thickness: 0, rate: 0, strength });
    expect(at(-0.1)).toBe(Infinity);
    expect(at(0.1)).toBeLessThan(Infinity);
    expect(at(0.5)).toBeLessThan(at(0.1));
    expect(readBy(() => 1e9)(near[1])).toBeCloseTo(0, 6);
  });
});
