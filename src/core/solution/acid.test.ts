import fc from "fast-check";
import {
  ACIDS,
  acidEq,
  acidPart,
  asCitricG,
  mixParts,
  phOf,
  strongIonFor,
  titratableEqPerL,
  type AcidName,
} from "./acid";

const one = (acid: AcidName, gPerL: number) => acidPart(100, [{ acid, gPerL }]);

describe("facts from outside", () => {
  test("pure water stands at pH 7 (definition of Kw = 1e-14 at 25 °C)", () => {
    expect(phOf({ acids: [], strongIonEqPerL: 0 })).toBeCloseTo(7, 6);
  });

  test("0.1 M acetic acid: pH 2.88 (CRC Handbook, approximate pH of common acids, from memory)", () => {
    expect(phOf(one("acetic", 6.0052))).toBeCloseTo(2.88, 1);
  });

  test("0.1 N citric acid: pH 2.2 (CRC Handbook, approximate pH of common acids, from memory)", () => {
    expect(phOf(one("citric", 192.124 / 30))).toBeCloseTo(2.2, 0);
    expect(Math.abs(phOf(one("citric", 192.124 / 30)) - 2.2)).toBeLessThan(0.15);
  });

  test("0.1 N tartaric acid: pH 2.2 (CRC Handbook, from memory)", () => {
    expect(Math.abs(phOf(one("tartaric", 150.087 / 20)) - 2.2)).toBeLessThan(0.15);
  });

  test("Ostwald's dilution law, [H]² = Ka·(c − [H]), for a weak acid of one proton", () => {
    const c = 0.05;
    const ka = 10 ** -ACIDS.lactic.pKa[0];
    const h = (-ka + Math.sqrt(ka * ka + 4 * ka * c)) / 2;
    expect(phOf(one("lactic", c * ACIDS.lactic.molarMassG))).toBeCloseTo(-Math.log10(h), 4);
  });

  test("half neutralised, a weak acid stands at its pKa (Henderson-Hasselbalch)", () => {
    const molar = [{ acid: "acetic" as const, molPerL: 0.2 }];
    expect(phOf({ acids: molar, strongIonEqPerL: 0.1 })).toBeCloseTo(4.756, 2);
  });

  test("5 % vinegar titrates as 5.3 g of citric acid in 100 mL, by equivalents", () => {
    const eq = titratableEqPerL(one("acetic", 50));
    expect(asCitricG(eq) / 10).toBeCloseTo((50 / 60.052) * (192.124 / 3) * 0.1, 1);
    expect(asCitricG(acidEq("citric", 10))).toBeCloseTo(10, 9);
  });
});

test("every acid of the table: a litre of 0.1 mol of protons is so many equivalents, and sour", () => {
  for (const [name, { molarMassG, pKa }] of Object.entries(ACIDS)) {
    expect(acidEq(name as AcidName, molarMassG)).toBeCloseTo(pKa.length, 9);
    // Of the first proton alone, Ostwald's law gives the pH within a tenth: the others hold on faster.
    const c = 0.1;
    const ka = 10 ** -pKa[0];
    const h = (-ka + Math.sqrt(ka * ka + 4 * ka * c)) / 2;
    expect(Math.abs(phOf(one(name as AcidName, c * molarMassG)) + Math.log10(h))).toBeLessThan(0.1);
  }
});

test("half neutralised, every acid stands near its first pKa (Henderson-Hasselbalch)", () => {
  for (const [name, { pKa }] of Object.entries(ACIDS)) {
    const acids = [{ acid: name as AcidName, molPerL: 0.5 }];
    expect(Math.abs(phOf({ acids, strongIonEqPerL: 0.25 }) - pKa[0])).toBeLessThan(0.12);
  }
});

describe("a liquid by its label", () => {
  test("the stated pH is the pH it has, and takes base off what it still needs", () => {
    const milk = acidPart(200, [{ acid: "lactic", gPerL: 9 }], 4.5);
    expect(milk.strongIonEqPerL).toBeGreaterThan(0);
    expect(phOf(milk)).toBeCloseTo(4.5, 6);
    const bare = acidPart(200, [{ acid: "lactic", gPerL: 9 }]);
    expect(titratableEqPerL(milk)).toBeCloseTo(titratableEqPerL(bare) - milk.strongIonEqPerL, 12);
    // Up to its own pH it needs none.
    expect(titratableEqPerL(milk, 4.5)).toBeCloseTo(0, 9);
  });

  test("a label sourer than its acid can be is taken as the acid alone", () => {
    expect(acidPart(10, [{ acid: "acetic", gPerL: 1 }], 1.5).strongIonEqPerL).toBe(0);
  });

  test("nothing poured together is nothing", () => {
    expect(mixParts([])).toEqual({ volumeMl: 0, acids: [], strongIonEqPerL: 0 });
    const dry = mixParts([{ volumeMl: 0, acids: [{ acid: "citric", molPerL: 1 }], strongIonEqPerL: 1 }]);
    expect(dry).toEqual({ volumeMl: 0, acids: [{ acid: "citric", molPerL: 0 }], strongIonEqPerL: 0 });
  });

  test("strong ions of what is poured together add up by volume", () => {
    const parts = [
      { volumeMl: 30, acids: [], strongIonEqPerL: 0.2 },
      { volumeMl: 70, acids: [], strongIonEqPerL: 0.1 },
    ];
    expect(mixParts(parts).strongIonEqPerL).toBeCloseTo(0.13, 12);
  });
});

describe("laws", () => {
  const acid = fc.constantFrom<AcidName>("citric", "acetic", "lactic", "tartaric", "malic", "phosphoric");
  const strength = fc.double({ min: 0.05, max: 80, noNaN: true });

  test("more acid, lower pH; more strong ions, higher pH", () => {
    fc.assert(
      fc.property(acid, strength, (name, gPerL) => {
        const weak = phOf(one(name, gPerL));
        return (
          phOf(one(name, gPerL * 2)) < weak && phOf({ ...one(name, gPerL), strongIonEqPerL: 0.01 }) > weak
        );
      }),
      { seed: 71 },
    );
  });

  test("charges that make a pH make that pH", () => {
    fc.assert(
      fc.property(acid, strength, fc.double({ min: 2.5, max: 7, noNaN: true }), (name, gPerL, pH) => {
        const { acids } = one(name, gPerL);
        const strongIonEqPerL = strongIonFor(acids, pH);
        return Math.abs(phOf({ acids, strongIonEqPerL }) - pH) < 1e-6;
      }),
      { seed: 72 },
    );
  });

  test("poured together: the pH lies between, the titratable acid adds up, order does not matter", () => {
    fc.assert(
      fc.property(acid, acid, strength, strength, (a, b, x, y) => {
        const p = { ...one(a, x), volumeMl: 30 };
        const q = { ...one(b, y), volumeMl: 70 };
        const mix = mixParts([p, q]);
        const eq = titratableEqPerL(mix) * 100;
        const apart = titratableEqPerL(p) * 30 + titratableEqPerL(q) * 70;
        return (
          Math.abs(eq - apart) < 1e-6 * Math.abs(apart) + 1e-9 &&
          Math.abs(phOf(mix) - phOf(mixParts([q, p]))) < 1e-9 &&
          mix.volumeMl === 100
        );
      }),
      { seed: 73 },
    );
  });
});
