import { RANGES } from "../quantity/ranges";
import { NO_BINDER } from "../formula/weigh/no-binder";
import type { CrustPreparation, Preparation } from "../formulation";
import type { Pantry } from "../materials/pantry";
import { between, EGG_WHITE, isWater, saltOf, sumOf, type SettledLine } from "./settled";
import type { SaidCrust } from "./work-said";

/* The preparation as the recipe has it: its strength, what binds it, how thick it is packed, whether it is rinsed. */

interface Seasoning {
  foodG: number;
  salt: SettledLine | undefined;
  plainG: number;
  main: readonly SettledLine[];
  packed?: SaidCrust;
  rinseMin?: number;
}

/** A timed brine shows the strength that the recipe's salt and water make; a paste and a crust are bound as it binds them. */
export function seasoned(
  p: Preparation,
  { foodG, salt, plainG, main, packed, rinseMin }: Seasoning,
  pantry: Pantry,
): Preparation {
  if (p.kind === "cure" && rinseMin !== undefined) return { ...p, finish: rinseMin > 0 ? "rinse" : "brush" };
  // All of its brine goes in.
  if (p.kind === "injection" && plainG > 0)
    return { ...p, pickupFraction: between(sumOf(main) / foodG, RANGES.pickupPercent, 0.01) };
  // It is bound as it says: nothing is reckoned beside what was confirmed.
  if (p.kind === "paste") return { ...p, binderId: NO_BINDER };
  if (p.kind === "saltCrust")
    return {
      ...p,
      ...boundBy(main, pantry),
      ...(salt && { saltBy: "given" as const }),
      ...(packed && {
        underMm: between(packed.underMm, RANGES.shellMm),
        overMm: between(packed.overMm, RANGES.shellMm),
      }),
    };
  if (!salt || plainG <= 0 || p.kind !== "wetBrine" || p.school !== "timed") return p;
  const naclG = saltOf([salt], pantry);
  const saltFraction = between(naclG / (naclG + plainG), RANGES.strengthPercent, 0.01);
  return { ...p, strength: { basis: "percent", saltFraction } };
}

/** Water and whites of a crust, as many as were confirmed; neither said, its school counts them by the salt. */
function boundBy(
  main: readonly SettledLine[],
  pantry: Pantry,
): Pick<CrustPreparation, "bound" | "school"> | undefined {
  const gEach = pantry.ingredient(EGG_WHITE)?.gEach;
  const whites = gEach ? sumOf(main.filter((l) => l.id === EGG_WHITE)) / gEach : 0;
  const waterG = sumOf(main.filter((l) => isWater(l.id)));
  if (whites === 0 && waterG === 0) return undefined;
  return { school: whites > 0 ? "eggWhite" : "water", bound: { waterG, whites } };
}
