import { preparationOffered } from "../formula/defaults";
import { chops, worked } from "../formula/formulation.fixture";
import type { Formulation } from "../formula/model";
import { outcomeAt } from "../formula/outcome";
import { withPreparation } from "../formula/offered";
import { causesOf, type RealBatch } from "./causes";
import { accepted, proposalsFor, type Experience } from "./next-time";
import { FAULT_NAME, faultsOf, judgedSalt, type FaultId } from "./outcome";

function real(input: Formulation, part: Partial<RealBatch> = {}): RealBatch {
  const sheet = worked(input);
  const hours = part.hours ?? input.pullH;
  return { input, sheet, hours, saltFactor: 1, atLift: outcomeAt(sheet, hours, input.portions), ...part };
}
const first = (fault: FaultId, b: RealBatch) => causesOf(fault, b)[0]?.id;

describe("faults to causes, by this batch's own numbers", () => {
  test("too salty: over-poured, over-soaked or asked for, as the figures say", () => {
    expect(first("too_salty", real(chops(), { saltFactor: 1.2 }))).toBe("over_poured");
    const strong = chops({
      preparation: {
        ...preparationOffered("timed", 0.012),
        strength: { basis: "percent", saltFraction: 0.1 },
      } as never,
      pullH: 40,
    });
    expect(first("too_salty", real(strong))).toBe("mean_over");
    expect(first("too_salty", real(chops({ preparation: preparationOffered("equilibrium", 0.02) })))).toBe(
      "high_target",
    );
  });

  test("bland inside: the centre was behind, with its millimetres", () => {
    const [cause] = causesOf("bland_inside", real(chops({ pullH: 26 })));
    expect(cause.id).toBe("centre_behind");
    expect(cause.change).toContain("mm to go");
  });

  test("a grey, mealy surface comes of acid", () => {
    expect(first("grey_surface", real(withPreparation(chops(), "marinade"), { hours: 40 }))).toBe(
      "over_acid",
    );
  });

  test("a crust that cracked was thin; one that set like stone had many whites", () => {
    const crust = withPreparation(chops(), "crust");
    const thin = { ...crust, preparation: { ...crust.preparation, overMm: 6 } } as Formulation;
    expect(first("crust_cracked", real(thin))).toBe("crust_thin");
    const whites = { ...crust, preparation: { ...crust.preparation, school: "eggWhite" } } as Formulation;
    expect(causesOf("crust_stone", real(whites)).map((c) => c.id)).toContain("many_whites");
  });

  test("dry: the core went past what is usual", () => {
    expect(first("dry", real(chops(), { coreC: 78 }))).toBe("over_cooked");
  });

  test("every fault that can be asked has a name and a cause that can speak", () => {
    const batches = [
      real(chops({ pullH: 4, holding: { ...chops().holding, covered: true } })),
      real(withPreparation(chops(), "rub")),
      real(withPreparation(chops(), "crust")),
      real(withPreparation(chops(), "marinade"), { hours: 60, coreC: 80 }),
    ];
    for (const fault of Object.keys(FAULT_NAME) as FaultId[]) {
      const spoken = batches.flatMap((b) => causesOf(fault, b));
      for (const cause of spoken) {
        expect(cause.strength).toBeGreaterThan(0);
        expect(cause.strength).toBeLessThanOrEqual(1);
        expect(cause.change.length).toBeGreaterThan(8);
      }
    }
    for (const kind of ["wetBrine", "dryBrine", "marinade", "paste", "rub", "saltCrust", "cure"])
      expect(faultsOf(kind).length).toBeGreaterThan(5);
  });
});

test("salt as judged: the cook's own word, or else the mean of the eaters'", () => {
  const eaters = [
    { who: "table 1", salt: 2 },
    { who: "table 2", salt: -1 },
  ];
  expect(judgedSalt({ faults: [], words: "", eaters })).toBe(0.5);
  expect(judgedSalt({ faults: [], words: "", eaters, salt: 0 })).toBe(0);
  expect(judgedSalt({ faults: [], words: "" })).toBeUndefined();
});

describe("next time, from the kitchen's own record", () => {
  const f = chops({ preparation: preparationOffered("equilibrium", 0.016) });
  const batch = (salt: number, targetFraction = 0.016, evenness?: number): Experience => ({
    targetFraction,
    hours: 24,
    judged: { salt, ...(evenness !== undefined && { evenness }), faults: [], words: "" },
  });

  test("three batches a little too salty at 1.6 %: about 1.5 % is proposed, with the evidence", () => {
    const [p] = proposalsFor(f, [batch(1), batch(0), batch(1)]);
    expect(p.field).toBe("target");
    expect(p.to).toBeLessThan(0.0156);
    expect(p.to).toBeGreaterThan(0.014);
    expect(p).toMatchObject({ batches: 3, from: 0.016 });
    const { formulation, note } = accepted(f, p);
    expect(formulation.preparation.targetFraction).toBe(p.to);
    expect(note).toContain("3 batches, mean +0.7 at 1.60 %");
  });

  test("content eaters: nothing is proposed; nobody judged: nothing either", () => {
    expect(proposalsFor(f, [batch(0), batch(0)])).toEqual([]);
    expect(proposalsFor(f, [])).toEqual([]);
  });

  test("judged in both directions it is less sure than judged alike", () => {
    const sure = proposalsFor(f, [batch(1), batch(1), batch(1)])[0].confidence;
    const torn = proposalsFor(f, [batch(2), batch(-1), batch(1)])[0].confidence;
    expect(sure).toBeGreaterThan(torn);
  });

  test("found uneven: longer, and the other way never", () => {
    const longer = proposalsFor(f, [batch(0, 0.016, -1), batch(0, 0.016, -2)]).find(
      (p) => p.field === "hours",
    );
    expect(longer?.to).toBeGreaterThan(24);
    expect(proposalsFor(f, [batch(0, 0.016, 2)]).some((p) => p.field === "hours")).toBe(false);
  });
});
