import { substituted, substitutesFor, type Keeps, type Substitute } from "@/core/formula/change/substitute";
import type { FormulaLine } from "@/core/formulation";
import type { Ingredient } from "@/core/materials/types";
import { fixed } from "@/ui/format";
import { Modal } from "@/ui/modal";
import { allergenName } from "@/ui/names";
import { usePantry } from "@/ui/pantry";
import * as wording from "@/words/bench/what-if/swap-dialog";

const KEEPS: Record<Keeps, string> = wording.keeps;

interface Props<T> {
  line: T;
  from: Ingredient;
  onSwap: (line: T) => void;
  onClose: () => void;
}

/** What could stand in for an ingredient, by how much of it, and what comes with it. */
export function SwapDialog<T extends Pick<FormulaLine, "ingredientId" | "amountG" | "parts">>(
  props: Props<T>,
) {
  const { line, from, onSwap, onClose } = props;
  const { ingredients } = usePantry();
  const offers = substitutesFor(from, ingredients);
  return (
    <Modal title={wording.inPlaceOf(from.name)} onClose={onClose}>
      {offers.length === 0 ? (
        <p>{wording.nothingInTheTablesDoes}</p>
      ) : (
        <ul>
          {offers.map((offer) => (
            <li
              key={offer.ingredient.id}
              className="flex items-center justify-between gap-3 border-b border-line py-2"
            >
              <span className="min-w-0">
                <span className="block leading-tight font-semibold">{offer.ingredient.name}</span>
                <span className="block text-sm leading-tight text-quiet">
                  {wording.gForEachGram({
                    ratio: <span className="figure">{fixed(offer.ratio, 2)}</span>,
                    keeps: KEEPS[offer.keeps],
                    offer: sayChanges(offer),
                  })}
                </span>
              </span>
              <button
                type="button"
                className="btn min-h-11"
                onClick={() => onSwap(substituted(line, from, offer))}
              >
                {wording.takeIt}
              </button>
            </li>
          ))}
        </ul>
      )}
    </Modal>
  );
}

const WORTH_SAYING_G = 0.02;

/** Salt, acid and water more or less by the gram, and allergens gained or lost. */
function sayChanges({ saltG, acidG, waterG, allergensGained, allergensLost }: Substitute): string {
  const amount = (g: number, what: string) =>
    Math.abs(g) < WORTH_SAYING_G ? [] : [`${g > 0 ? "+" : "−"}${fixed(Math.abs(g), 2)} g ${what}`];
  const words = [
    ...amount(saltG, "salt"),
    ...amount(acidG, "acid"),
    ...amount(waterG, "water"),
    ...(allergensGained.length > 0 ? [wording.brings(allergensGained.map(allergenName).join(", "))] : []),
    ...(allergensLost.length > 0 ? [wording.without(allergensLost.map(allergenName).join(", "))] : []),
  ];
  return words.length > 0 ? ` · ${words.join(" · ")}` : "";
}
