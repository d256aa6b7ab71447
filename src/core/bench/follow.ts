import type { Formulation, Preparation } from "../formulation";
import { choiceOf, described } from "../preparations";
import { assertNever } from "../result";
import type { Third } from "../ways/third";

/** An equilibrium brine and dry salt follow what is wanted by themselves: there is nothing to seek. */
export function followsByItself(input: Formulation, which: Third): boolean {
  const { settles } = described(input.preparation);
  if (which === "hours") return settles.hours;
  if (which === "salt") return false;
  // A rub that wants no salt seeks none.
  return settles.strength || input.preparation.targetFraction <= 0;
}

/**
 * The figure that was solved, put into what stands on the Bench now: whatever else was changed while it was sought stays
 * changed, and of another preparation nothing is taken.
 */
export function withThird(f: Formulation, solved: Formulation, which: Third): Formulation {
  if (choiceOf(f.preparation) !== choiceOf(solved.preparation)) return f;
  switch (which) {
    case "hours":
      return { ...f, pullH: solved.pullH };
    case "salt": {
      const { targetFraction } = solved.preparation;
      return { ...f, preparation: { ...f.preparation, targetFraction } };
    }
    case "strength":
      return { ...f, salt: solved.salt, preparation: strengthFrom(f.preparation, solved.preparation) };
    default:
      return assertNever(which);
  }
}

function strengthFrom(now: Preparation, solved: Preparation): Preparation {
  if (now.kind === "cure" && solved.kind === "cure") return { ...now, doseFraction: solved.doseFraction };
  if (now.kind !== "wetBrine" || now.school === "equilibrium") return now;
  if (solved.kind !== "wetBrine" || solved.school === "equilibrium") return now;
  return { ...now, strength: solved.strength };
}
