import type { Formulation } from "../../formulation";
import { findIngredient } from "../../materials/lookup";
import type { Formulated } from "../formulate";
import { chops, perKg, timedChops, worked } from "../formulation.fixture";
import { liquidVolumeMl } from "./brines";
import { flatIn, refusalOf } from "./weighed.fixture";

/* Brines by hand: what scales with what, what hides, and what is told of them beside their lines. */

describe("a brine", () => {
  test("a timed one holds more than is to go in, at equilibrium just enough; its salt scales with the bath or the food", () => {
    const salt = (sheet: Formulated) => sheet.lines.find((l) => l.role === "salt")?.scalesWith;
    const [timed, equal] = [worked(timedChops(0.06)), worked(chops())];
    expect([timed.excess, equal.excess]).toEqual([true, false]);
    expect([salt(timed), salt(equal)]).toEqual(["bath", "foodMass"]);
    expect(worked(flatIn("dry")).excess).toBe(false);
  });

  test("what it would hold by the other convention, where salt follows from what is wanted", () => {
    const equal = worked(chops());
    const other = worked(
      chops({ preparation: { ...chops().preparation, convention: "wholeMass" } as never }),
    );
    expect(equal.otherConventionNaclG).toBeCloseTo(other.naclG, 9);
    expect(other.otherConventionNaclG).toBeCloseTo(equal.naclG, 9);
    expect(worked(chops({ salt: { mode: "grams", massG: 30 } })).otherConventionNaclG).toBeUndefined();
    expect(worked(timedChops(0.06)).otherConventionNaclG).toBeUndefined();
  });

  test("no less is wanted than the flesh holds, unless the salt is given", () => {
    const held = worked(chops()).flesh.nativeSaltFraction;
    const wanting = (targetFraction: number, salt?: Formulation["salt"]) =>
      chops({ preparation: { ...chops().preparation, targetFraction } as never, ...(salt && { salt }) });
    expect(refusalOf(wanting(held))).toBeDefined();
    expect(refusalOf(wanting(held * 1.01))).toBeUndefined();
    expect(refusalOf(wanting(held / 2, { mode: "grams", massG: 5 }))).toBeUndefined();
  });

  test("sugar by the salt, its water counted where it is poured", () => {
    const sweet = worked(chops({ sugarPerSalt: 0.5, sugarId: "honey" }));
    const honey = findIngredient("honey");
    const line = sweet.lines.find((l) => l.role === "sugar");
    expect(line?.massG).toBeCloseTo(0.5 * sweet.naclG, 9);
    expect(sweet.sugarG).toBeCloseTo((line?.massG ?? NaN) * (honey?.sugarFraction ?? NaN), 9);
    const poured = honey?.poured ? (line?.massG ?? NaN) * honey.waterFraction : 0;
    expect(sweet.waterG).toBeCloseTo(1000 + poured, 3);
  });

  test("what hides is told: wanted, hidden and own", () => {
    const salty = worked(timedChops(0.06, { lines: [perKg("soy_sauce", 50)] }));
    const hiddenG = 50 * (findIngredient("soy_sauce")?.saltFraction ?? NaN);
    expect(salty.dose).toEqual({
      wantedG: expect.closeTo(salty.naclG, 6) as number,
      hiddenG: expect.closeTo(hiddenG, 6) as number,
      ownG: expect.closeTo(salty.naclG - hiddenG, 6) as number,
    });
    const given = worked(
      timedChops(0.06, { salt: { mode: "grams", massG: 60 }, lines: [perKg("soy_sauce", 50)] }),
    );
    expect(given.lines.find((l) => l.role === "salt")?.massG).toBeCloseTo(60, 9);
  });

  test("without water there is no brine", () => {
    expect(refusalOf(chops({ water: { mode: "chosen", massG: 0 } }))).toEqual({
      code: "no_room_for_water",
      waterG: 0,
    });
  });
});

test("a litre of brine by hand: 1000 g of water with 60 g of salt weigh 1.039 g/ml (CRC Handbook: 1.034 at 5 %, 1.041 at 6 %, from memory), sugar takes 0.62 ml a gram", () => {
  const plain = liquidVolumeMl(1000, 60, 0);
  expect(1060 / plain).toBeCloseTo(1.0388, 3);
  expect(liquidVolumeMl(1000, 60, 100) - plain).toBeCloseTo(62, 9);
  expect(liquidVolumeMl(1000, 0, 0)).toBeCloseTo(1001.8, 0);
  expect(liquidVolumeMl(2000, 120, 0)).toBeCloseTo(2 * plain, 6);
});
