import type { ReactNode } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { endG } from "@/core/formula/account/dish-ledger";
import { outcomeAt } from "@/core/formula/account/outcome";
import { chops, worked } from "@/core/formula/formulation.fixture";
import { piecesOffered, preparationOffered } from "@/core/formula/offer/defaults";
import { withPreparation } from "@/core/formula/offer/offered";
import type { PieceForm } from "@/core/diffusion/piece-form";
import type { Formulation } from "@/core/formulation";
import { findFood } from "@/core/materials/lookup";
import { FOODS } from "@/core/materials/lookup";
import type { PreparationChoice } from "@/core/preparations";
import { unitsOf } from "../units";
import { Bag } from "./bag";
import { Crust } from "./crust";
import { layOut } from "./layout";
import { AcidHatch, Slashes } from "./marks";
import { Section, VIEW } from "./section";
import { saltColour, shadesOf } from "./shading";
import type { DrawingProps } from "./wet-vessel";

function drawn(f: Formulation, hours: number, extra: { compact?: boolean; acidMm?: number } = {}): string {
  const sheet = worked(f);
  return renderToStaticMarkup(
    <Section input={f} sheet={sheet} outcome={outcomeAt(sheet, hours, f.portions)} {...extra} />,
  );
}

/** A drawing that is fetched where food lies so, by itself. */
function drawnBy(Drawing: (props: DrawingProps) => ReactNode, f: Formulation, hours: number): string {
  const sheet = worked(f);
  const outcome = outcomeAt(sheet, hours, f.portions);
  const shades = shadesOf(sheet, outcome);
  return renderToStaticMarkup(
    <svg>
      <Drawing
        {...{ input: f, sheet, outcome, shades, acidShare: 0, view: VIEW, compact: false }}
        units={unitsOf("metric")}
      />
    </svg>,
  );
}

const dry = (change: Partial<Formulation> = {}) =>
  chops({ preparation: preparationOffered("dry", 0.012), ...change });

describe("the section says and shows the computed state", () => {
  test("its label carries the three figures", () => {
    const f = chops();
    const o = outcomeAt(worked(f), 24, 4);
    const markup = drawn(f, 24);
    for (const fraction of [o.surfaceFraction, o.meanFraction, o.centreFraction])
      expect(markup).toContain(`${(fraction * 100).toFixed(2)} %`);
  });

  test("its dimensions are the fit's", () => {
    const f = chops({ water: { mode: "toCover" } });
    const { level, fit, liquidMl } = worked(f);
    const markup = drawn(f, 10);
    expect(markup).toContain(`${Math.round(level?.headspaceMm ?? NaN)} mm`);
    expect(markup).toContain(`${((liquidMl + fit.foodMl) / 1000).toFixed(1)} L`);
    expect(markup).toContain("25 mm thick");
  });

  test("food out of the brine and brine over the rim are said", () => {
    expect(drawn(chops({ water: { mode: "chosen", massG: 200 } }), 10)).toContain("stands out of the brine");
    expect(drawn(chops({ water: { mode: "chosen", massG: 20_000 } }), 10)).toContain("over the rim");
  });

  test("a block shows its own field, a slab its shades", () => {
    const block = dry({ pieces: { ...chops().pieces, shape: "block" } });
    expect(drawn(block, 12)).toContain("data-cut");
    expect(drawn(block, 12)).not.toContain("<stop");
    const slab = dry({ pieces: { ...chops().pieces, shape: "slab", skin: false } });
    expect(drawn(slab, 12)).not.toContain("data-cut");
    expect(drawn(slab, 12)).toContain("<stop");
  });

  test("a whole fish shows its own field within its oval", () => {
    const fish = dry({ pieces: { ...chops().pieces, shape: "oval", skin: false } });
    expect(drawn(fish, 12)).toMatch(/<clipPath[^>]*><ellipse/);
    expect(drawn(fish, 12)).toContain("data-cut");
  });

  test("a wedge is nested triangles about its deepest flesh, to scale", () => {
    const f = dry({ pieces: { ...chops().pieces, shape: "wedge", skin: false } });
    const markup = drawn(f, 12);
    const outlines = [...markup.matchAll(/<polygon points="([^"]+)"[^>]*data-nested/g)].map(([, points]) =>
      points.split(" ").map((point) => point.split(",").map(Number)),
    );
    expect(outlines.length).toBeGreaterThan(10);
    const [whole, next] = outlines;
    const { heightMm, widthMm } = worked(f).pieceSize;
    const [upper, edge, lower] = whole;
    expect((edge[0] - upper[0]) / (lower[1] - upper[1])).toBeCloseTo(widthMm / heightMm, 6);
    // Every one lies within the one before.
    expect(next[0][0]).toBeGreaterThan(upper[0]);
    expect(next[1][0]).toBeLessThan(edge[0]);
    expect(markup).not.toContain("<stop");
  });

  test("grains lie on a dry brine until the salt has dissolved", () => {
    const f = dry();
    const sheet = worked(f);
    const circles = (hours: number) => (drawn(f, hours).match(/<circle/g) ?? []).length;
    expect(endG(outcomeAt(sheet, 0.02, 4).ledger, "surface")).toBeGreaterThan(0);
    expect(circles(0.02)).toBeGreaterThan(5);
    expect(endG(outcomeAt(sheet, 12, 4).ledger, "surface")).toBe(0);
    expect(circles(12)).toBe(0);
  });

  test("skin on a one-sided piece is drawn and said", () => {
    const duck = FOODS.find((food) => food.id === "duck_leg");
    if (!duck) throw new Error("food table");
    const markup = drawn(dry({ foodId: duck.id, pieces: piecesOffered(duck, 4) }), 12);
    expect(markup).toContain("salt does not pass the skin");
  });

  test("acid is hatched as deep as it has gone, slashes are cut from the faces that take salt", () => {
    const box = { x: 10, y: 20, width: 200, height: 100 };
    const hatch = (shape: PieceForm, oneFace: boolean) =>
      renderToStaticMarkup(
        <svg>
          <AcidHatch box={box} shape={shape} oneFace={oneFace} share={0.2} />
        </svg>,
      );
    expect(hatch("block", false)).toContain('data-acid="0.200"');
    expect(hatch("block", false).match(/<rect [^>]*height="10" fill="url/g)).toHaveLength(2);
    expect(hatch("block", true).match(/<rect [^>]*height="20" fill="url/g)).toHaveLength(1);
    // Of what is round a line twice as thick, its outer half cut away.
    expect(hatch("oval", false)).toMatch(/<ellipse [^>]*stroke-width="20"/);
    const cuts = (oneFace: boolean) =>
      renderToStaticMarkup(<Slashes box={box} oneFace={oneFace} depth={12} spacing={40} />);
    expect(cuts(true).match(/y1="20" y2="32"/g)).toHaveLength(4);
    expect(cuts(true)).not.toContain('y1="120"');
    expect(cuts(false).match(/y1="120" y2="108"/g)).toHaveLength(4);
  });

  test("on the Shelf it carries no figures", () => {
    expect(drawn(chops(), 12, { compact: true })).not.toContain("<text");
  });
});

describe("shading follows the salt", () => {
  test("darker toward the face while salt goes in, and the same everywhere in the end", () => {
    const f = chops();
    const sheet = worked(f);
    const at = (hours: number) => shadesOf(sheet, outcomeAt(sheet, hours, 4)).map((s) => s.fraction);
    const early = at(4);
    expect([...early].sort((a, b) => a - b)).toEqual(early);
    const spread = (fractions: number[]) => Math.max(...fractions) - Math.min(...fractions);
    expect(spread(at(96))).toBeLessThan(spread(early));
  });

  test("no salt is flesh, twice the target is brine, beyond stays brine", () => {
    expect(saltColour(0)).toContain("0%");
    expect(saltColour(0.5)).toContain("50%");
    expect(saltColour(3)).toBe(saltColour(1));
  });
});

describe("layout to scale", () => {
  test("every piece lies within the vessel's walls, none over another", () => {
    for (const count of [1, 2, 5, 9, 14]) {
      const base = chops();
      const f = chops({
        pieces: { ...base.pieces, count, totalMassG: 250 * count },
        water: { mode: "toCover" },
      });
      const { pieces, widthMm } = layOut(f, worked(f));
      for (const box of pieces) {
        expect(box.x).toBeGreaterThanOrEqual(-1e-9);
        expect(box.x + box.width).toBeLessThanOrEqual(widthMm + 1e-9);
      }
      for (const y of new Set(pieces.map((b) => b.y))) {
        const row = pieces.filter((b) => b.y === y);
        for (let i = 1; i < row.length; i++)
          expect(row[i].x).toBeGreaterThanOrEqual(row[i - 1].x + row[i - 1].width - 1e-9);
      }
    }
  });

  test("pieces of another size are as high as they are thick", () => {
    const f = chops({ alongside: [{ count: 1, totalMassG: 150, thicknessMm: 15 }] });
    expect(layOut(f, worked(f)).pieces.map((b) => b.height)).toContain(15);
  });
});

describe("every way food can lie has its drawing", () => {
  const of = (foodId: string, choice: PreparationChoice, change: Partial<Formulation> = {}) => {
    const food = findFood(foodId);
    if (!food) throw new Error(foodId);
    return { ...withPreparation(chops({ foodId, pieces: piecesOffered(food, 2) }), choice), ...change };
  };

  test("a crust with its dimensions, cut across and along; thin, it shows cracks", () => {
    const f = of("grey_mullet_whole", "crust");
    const markup = drawnBy(Crust, f, 0.6);
    expect(markup).toContain("12 mm over");
    expect(markup).toContain("8 mm under");
    expect(markup).toContain('data-crust="across"');
    expect(markup).not.toContain("data-crack");
    const thin = { ...f, preparation: { ...f.preparation, overMm: 5 } } as Formulation;
    expect(drawnBy(Crust, thin, 0.6)).toContain("data-crack");
  });

  test("what is injected is shaded from stab to stab, and says how far apart they are", () => {
    const markup = drawn(of("pork_loin_bonein", "injection"), 12);
    expect(markup).toContain("data-within");
    expect(markup).toContain("in every 20 mm");
    expect(markup).toMatch(/spreadMethod="reflect"/);
    expect(drawn(of("pork_loin_bonein", "dry"), 12)).not.toContain("data-within");
  });

  test("a bag lies flat about its pieces", () => {
    const f = of("lamb_shoulder_butterflied", "marinade");
    const markup = drawnBy(
      Bag,
      { ...f, vessel: { ...f.vessel, shape: "bag", lengthMm: 450, widthMm: 400 } },
      6,
    );
    expect(markup).toContain("data-bag");
    expect(markup).toContain("air pressed out");
  });

  test("paste and rub lie as a coat with its thickness", () => {
    const f = of("tofu_firm", "paste");
    const markup = drawn(f, 5);
    expect(markup).toContain("data-coat");
    expect(markup).toContain(`${worked(f).coat?.thicknessMm.toFixed(1)} mm coat`);
    expect(drawn(of("beef_short_rib", "rub"), 5)).toContain("data-coat");
  });

  test("a pail leans, a cooler has its ice", () => {
    const pail = chops({
      vessel: { ...chops().vessel, shape: "pail", lengthMm: 300, widthMm: 240, heightMm: 300 },
    });
    expect(drawn(pail, 5)).toContain("brine and food");
    const cooler = chops({ vessel: { ...chops().vessel, shape: "cooler", lengthMm: 400, widthMm: 260 } });
    expect(drawn(cooler, 5)).toContain("data-ice");
    expect(drawn(chops(), 5)).not.toContain("data-ice");
  });
});
