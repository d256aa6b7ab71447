import type { Formulation } from "../../formulation";
import { chops, timedChops as timed, worked } from "../formulation.fixture";
import { preparationOffered } from "../offer/defaults";
import { normalQuantile } from "./draws";
import { ensembleSteps, ensembleWindow, sensitivities } from "./ensemble";

const loadOf = (f: Formulation) => worked(f).load;

describe("the ensemble", () => {
  const f = timed(0.06);

  test("its edges lie either side of the likely hour and agree with scaling by thickness² over diffusivity", () => {
    const quick = worked(f).soak.window.ready;
    const soft = ensembleWindow(f, loadOf(f)).window.ready;
    expect(soft.early).toBeLessThan(quick.likely ?? 0);
    expect(soft.late).toBeGreaterThan(quick.likely ?? Infinity);
    expect((soft.early ?? 0) / (quick.early ?? NaN)).toBeCloseTo(1, 0);
    expect((soft.late ?? 0) / (quick.late ?? NaN)).toBeCloseTo(1, 0);
  });

  test("the same count draws the same window; less doubt narrows it; it goes a few at a time", () => {
    const width = (rateDoubt?: number) => {
      const ready = ensembleWindow(f, loadOf(f), { rateDoubt }).window.ready;
      return (ready.late ?? NaN) - (ready.early ?? NaN);
    };
    expect(width()).toBe(width());
    expect(width(0.05)).toBeLessThan(width());
    const steps = ensembleSteps(f, loadOf(f));
    expect([steps.next(), steps.next()]).toEqual([
      { done: false, value: 1 / 3 },
      { done: false, value: 2 / 3 },
    ]);
  });

  test("normal quantiles (standard tables)", () => {
    expect(normalQuantile(0.5)).toBeCloseTo(0, 9);
    expect(normalQuantile(0.975)).toBeCloseTo(1.959964, 5);
    expect(normalQuantile(0.01)).toBeCloseTo(-2.326348, 5);
  });

  test("thicker, slower and weaker take longer, warmer takes less; the largest comes first", () => {
    const all = sensitivities(f, loadOf(f));
    const more = (input: string) => all.find((s) => s.input === input)?.hoursMore ?? NaN;
    expect(Math.min(more("thickness"), more("diffusivity"), more("strength"))).toBeGreaterThan(0);
    expect(more("warmth")).toBeLessThan(0);
    const sizes = all.map((s) => Math.abs(s.hoursMore));
    expect(sizes).toEqual([...sizes].sort((a, b) => b - a));
  });

  const cases: Record<string, Formulation> = {
    "a strong brine": f,
    "thin pieces, where half is the least they can be": timed(0.06, {
      pieces: { ...f.pieces, thicknessMm: 6, totalMassG: 200 },
    }),
    "a brine near its own equilibrium": timed(0.025),
    "a brine that many of them never come to": timed(0.0235),
    "an equilibrium that takes longer than the rail for some": timed(0.06, {
      preparation: preparationOffered("equilibrium", 0.014),
      pieces: { ...f.pieces, thicknessMm: 48 },
    }),
    "a block": timed(0.06, { pieces: { ...f.pieces, shape: "block", thicknessMm: 40 } }),
    "behind skin": timed(0.05, { pieces: { ...f.pieces, skin: true } }),
    "dry salt": chops({ preparation: preparationOffered("dry", 0.014) }),
    even: timed(0.05, { readiness: "even" }),
    rinsed: timed(0.06, { rinse: { minutes: 15 } }),
  };
  test.each(Object.entries(cases))("read off between few soaks as if each were run: %s", (_, input) => {
    const load = loadOf(input);
    const quick = ensembleWindow(input, load).window;
    const slow = ensembleWindow(input, load, { eachRun: true }).window;
    for (const which of ["ready", "past"] as const)
      for (const edge of ["early", "likely", "late"] as const) {
        const [read, run] = [quick[which][edge], slow[which][edge]];
        if (run === undefined || read === undefined) expect(read).toBe(run);
        else expect(read / run).toBeCloseTo(1, 1.6);
      }
  });
});
