import { withPreparation } from "./offered";
import { chops } from "../formulation.fixture";
import type { PreparationChoice } from "../../preparations";
import { findFood } from "../../materials/lookup";
import { rechosen } from "./choose-food";
import { countOffered, newFormulation, piecesOffered, portionsOffered } from "./defaults";

function food(id: string) {
  const found = findFood(id);
  if (!found) throw new Error(`no ${id}`);
  return found;
}

const chop = food("pork_chop_bonein");
const duck = food("duck_leg");
const mullet = food("grey_mullet_whole");
const fresh = newFormulation(chop);

describe("another kind on the Bench", () => {
  test("untouched, it is what the table offers of the new one", () => {
    const next = rechosen(fresh, mullet, chop);
    expect(next.pieces).toEqual(piecesOffered(mullet, countOffered(mullet)));
    expect(next.portions).toBe(portionsOffered(mullet, next.pieces));
    expect(next.name).toBe("Grey mullet brine");
  });

  test("count, weight, portions and name of the cook's own stay", () => {
    const pieces = { ...fresh.pieces, count: 6, totalMassG: 1555 };
    const next = rechosen({ ...fresh, pieces, portions: 9, name: "For Saturday" }, duck, chop);
    expect(next).toMatchObject({ portions: 9, name: "For Saturday" });
    expect(next.pieces).toMatchObject({ count: 6, totalMassG: 1555, thicknessMm: duck.thicknessMm });
    expect(next.pieces.shape).toBe(piecesOffered(duck).shape);
  });

  test("a thickness that was measured stays, unless the new kind cannot be that thick", () => {
    const measured = (thicknessMm: number) => ({ ...fresh, pieces: { ...fresh.pieces, thicknessMm } });
    expect(rechosen(measured(30), duck, chop).pieces.thicknessMm).toBe(30);
    expect(rechosen(measured(6), mullet, chop).pieces.thicknessMm).toBe(mullet.thicknessMm);
  });

  test("the wanted salt and the way stay; a fish does not keep a joint's cook", () => {
    const cook = { toC: 63, minutes: 40, restMin: 5 };
    const salted = { ...fresh, preparation: { ...fresh.preparation, targetFraction: 0.011 }, cook };
    expect(rechosen(salted, duck, chop)).toMatchObject({ cook, preparation: salted.preparation });
    expect(rechosen(salted, mullet, chop).cook).toBeUndefined();
  });
});

test("what was to thaw in its bath thaws in the fridge where there is no bath", () => {
  const frozen = chops({ pieces: { ...chops().pieces, thaw: "inBrine" } });
  const thaw = (choice: PreparationChoice, f = frozen) => withPreparation(f, choice).pieces.thaw;
  expect([thaw("dry"), thaw("marinade"), thaw("timed"), thaw("equilibrium")]).toEqual([
    "fridge",
    "fridge",
    "inBrine",
    "inBrine",
  ]);
  expect(thaw("dry", chops())).toBeUndefined();
});
