import { renderToStaticMarkup } from "react-dom/server";
import { cutsFor } from "@/core/formula/account/advice";
import { outcomeAt } from "@/core/formula/account/outcome";
import { chops, worked } from "@/core/formula/formulation.fixture";
import { SaltLedger } from "./salt-ledger";

const f = chops({
  companions: [
    {
      kind: "butter",
      name: "",
      lines: [{ ingredientId: "butter_salted", amountG: 60, scalesWith: "foodMass", optional: false }],
    },
  ],
});
const outcome = outcomeAt(worked(f), 40, 4);
const { ledger } = outcome;
const text = (cuts = cutsFor(f, worked(f), outcome, 0.01)) =>
  renderToStaticMarkup(<SaltLedger ledger={ledger} cuts={cuts} />).replace(/<[^>]+>/g, "");

test("every end is named with its grams, and what is not eaten is said", () => {
  for (const end of ledger.ends) expect(text()).toContain(`${end.naclG.toFixed(1)} g`);
  expect(text()).toContain("left in the vesselnot eaten");
  expect(text()).toContain("in what goes beside it");
});

test("every source is named, and whose it is", () => {
  expect(text()).toContain("pork loin chop, boneless, its own");
  expect(text()).toContain("butter, salted, butter");
});

test("over the target, the line to cut; within it, nothing", () => {
  expect(text()).toContain("for its unsalted kind");
  expect(text([])).not.toContain("brings it down");
});
