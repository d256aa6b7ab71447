import { endG } from "@/core/formula/account/dish-ledger";
import { outcomeAt } from "@/core/formula/account/outcome";
import { chops, worked } from "@/core/formula/formulation.fixture";
import { preparationOffered } from "@/core/formula/offer/defaults";
import type { Formulation } from "@/core/formulation";
import * as explain from "./explain";
import { whySalt } from "./explain-salt";

function told(f: Formulation) {
  const sheet = worked(f);
  return { input: f, sheet, outcome: outcomeAt(sheet, f.pullH, f.portions) };
}

const equilibrium = told(chops());
const whole = told(
  chops({
    preparation: { kind: "wetBrine", school: "equilibrium", convention: "wholeMass", targetFraction: 0.014 },
  }),
);
const timed = told(chops({ preparation: preparationOffered("timed", 0.012) }));
const dry = told(chops({ preparation: preparationOffered("dry", 0.012) }));

const injected = told(chops({ preparation: preparationOffered("injection", 0.014) }));

const ALL = { equilibrium, whole, timed, dry, injected };
const text = (e: { sum: string[] }) => e.sum.join("\n");

describe("every why gives a sum, a convention and a source", () => {
  const whys = [
    explain.whyFlesh,
    whySalt,
    explain.whyWater,
    explain.whyStrength,
    explain.whyMean,
    explain.whyReady,
    explain.whySodium,
  ];
  test.each(Object.entries(ALL))("%s", (name, worked) => {
    for (const why of whys) {
      // A dry brine has neither water nor strength; the Bench does not ask.
      if (name === "dry" && (why === explain.whyWater || why === explain.whyStrength)) continue;
      const explanation = why(worked);
      expect(explanation.sum.length).toBeGreaterThan(0);
      expect(explanation.convention.length).toBeGreaterThan(20);
      expect(explanation.source.length).toBeGreaterThan(5);
      expect(text(explanation)).not.toMatch(/NaN|undefined|Infinity/);
    }
  });
});

describe("the figures in the sums are the sheet's", () => {
  test("salt: pure, and by this salt's purity", () => {
    for (const { sheet, input, outcome } of Object.values(ALL)) {
      const sum = text(whySalt({ sheet, input, outcome }));
      expect(sum).toContain(`= ${(sheet.naclG / 0.997).toFixed(1)} g of pickling salt on the scale`);
    }
  });

  test("each convention names what the other would weigh", () => {
    const other = (w: typeof equilibrium) => whySalt(w).otherSchool;
    expect(other(equilibrium)).toContain(`${Math.round(whole.sheet.naclG)} g`);
    expect(other(whole)).toContain(`${Math.round(equilibrium.sheet.naclG)} g`);
    expect(whySalt(whole).convention).toContain("under the figure you asked for");
  });

  test("the timed school says where its bath would end if left", () => {
    const end = (timed.sheet.endFraction * 100).toFixed(2);
    expect(whySalt(timed).otherSchool).toContain(`${end} %`);
  });

  test("strength in every wording", () => {
    const sum = text(explain.whyStrength(timed));
    expect(sum).toContain("6.00 % w/w");
    expect(sum).toContain("22.7 ° salometer");
    expect(sum).toContain("freezes at -3.7 °C");
  });

  test("sodium: absorbed salt only, by the portion", () => {
    const { outcome, input } = equilibrium;
    const mg = (endG(outcome.ledger, "flesh") * 393.4) / input.portions;
    expect(text(explain.whySodium(equilibrium))).toContain(`= ${Math.round(mg)} mg`);
  });

  test("readiness says what ready means by the cook's choice", () => {
    for (const [readiness, words] of [
      ["outside", "Outside seasoned"],
      ["seasoned", "Seasoned: the mean at 85 %"],
      ["even", "Even: the centre, or half-way between stabs, at 80 %"],
    ] as const)
      expect(explain.whyReady(told(chops({ readiness }))).convention).toContain(words);
  });
});
