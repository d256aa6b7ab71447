import { outcomeAt } from "../formula/account/outcome";
import { chops as chopsOf, worked } from "../formula/formulation.fixture";
import { withPreparation } from "../formula/offer/offered";
import { STRENGTH_DOUBT } from "../formula/soak/ensemble";
import type { Formulation } from "../formulation";
import { fleshSaltAt, LESS_IN_FLESH } from "./flesh-salt";

/** Ninety hours bring thin chops through: neither thickness nor rate is in doubt any more. */
const DONE_H = 90;
const chops = chopsOf({ pullH: DONE_H });
const thin: Formulation = { ...chops, pieces: { ...chops.pieces, thicknessMm: 8 } };
function bandOf(input: Formulation) {
  const sheet = worked(input);
  const salt = fleshSaltAt(sheet, outcomeAt(sheet, DONE_H, 4), DONE_H);
  const gained = salt.fraction - sheet.soaked.nativeSaltFraction;
  return { below: (salt.fraction - salt.low) / gained, above: (salt.high - salt.fraction) / gained };
}

test("through and through, a bath leaves the doubt of weighing, and below it that flesh may hold less than the brine", () => {
  const { below, above } = bandOf(thin);
  expect(above).toBeCloseTo(STRENGTH_DOUBT, 2);
  expect(below).toBeCloseTo(Math.hypot(STRENGTH_DOUBT, LESS_IN_FLESH), 2);
});

test("dry salt goes in to the grain: there is no brine beside it", () => {
  const { below, above } = bandOf(withPreparation(thin, "dry"));
  expect(above).toBeCloseTo(STRENGTH_DOUBT, 2);
  expect(below).toBeCloseTo(STRENGTH_DOUBT, 2);
});
