import type { Formulation, FormulaLine } from "../../formulation";
import { pantryOf } from "../../materials/pantry";
import { formulate, type Formulated } from "../formulate";
import type { LedgerSource } from "./dish-ledger";
import { outcomeAt, type Outcome } from "./outcome";

/** A change of one thing that brings a dish back towards the salt that is wanted, worked out with the change made. */
export interface Cut {
  kind: "swap" | "leaveOut" | "less";
  source: LedgerSource;
  /** Grams of it that go. */
  cutG: number;
  /** Salt eaten, share of the finished flesh, once it is done. */
  shareAfter: number;
  /** The formula with it done. */
  formula: Formulation;
}

/** A dish within this much of the wanted salt is right. *Practice*, estimate. */
const OVER_TOLERANCE = 0.05;
/** A change that takes off less than this of the eaten salt is no help. */
const WORTH_WHILE = 0.01;
const TOLD_MOST = 3;

/**
 * What to cut when more salt is eaten than is wanted: an unsalted twin first, then what is optional, then whatever hides
 * the most, and the salt the cook gave last. Every promise is the sheet worked out again with the change made; what
 * changes nothing (because the salt that is weighed out makes up for it) is not advised.
 * @param wanted salt wanted, share of the finished flesh, > 0
 */
export function cutsFor(input: Formulation, sheet: Formulated, outcome: Outcome, wanted: number): Cut[] {
  const { ledger } = outcome;
  if (!(wanted > 0) || ledger.shareOfFood <= wanted * (1 + OVER_TOLERANCE)) return [];
  const rate = sheet.load.rateFactor;
  const shareOf = (formula: Formulation): number | undefined => {
    const again = formulate(formula, { rateFactor: rate });
    return again.ok ? outcomeAt(again.value, formula.pullH, formula.portions).ledger.shareOfFood : undefined;
  };
  const pantry = pantryOf(input.own);
  const cuts = ledger.sources.flatMap((source): Cut[] => {
    if (source.part === "food" || source.naclG < WORTH_WHILE * ledger.eatenG) return [];
    const twin = pantry.ingredient(source.ingredientId)?.unsaltedId;
    if (twin && pantry.ingredient(twin)) {
      const formula = withLine(input, source, (l) => ({ ...l, ingredientId: twin }));
      const shareAfter = formula && shareOf(formula);
      return formula && shareAfter !== undefined
        ? [{ kind: "swap", source, cutG: source.massG, shareAfter, formula }]
        : [];
    }
    return lessOf(input, source, wanted, shareOf);
  });
  const rank = (cut: Cut) =>
    cut.kind === "swap" ? 0 : cut.source.optional ? 1 : isMainSalt(cut, input) ? 3 : 2;
  return cuts
    .filter((cut) => cut.shareAfter < ledger.shareOfFood * (1 - WORTH_WHILE))
    .sort((a, b) => rank(a) - rank(b) || a.shareAfter - b.shareAfter)
    .slice(0, TOLD_MOST);
}

const isMainSalt = (cut: Cut, input: Formulation): boolean =>
  cut.source.part === "main" && cut.source.ingredientId === input.saltId;

type ShareOf = (formula: Formulation) => number | undefined;

/** So much less of one thing that the wanted salt is eaten; all of it where even that does not reach. */
function lessOf(input: Formulation, source: LedgerSource, wanted: number, shareOf: ShareOf): Cut[] {
  const kept = (share: number): Formulation | undefined => {
    if (isGivenSalt(input, source)) return { ...input, salt: { mode: "grams", massG: source.massG * share } };
    if (source.part !== "secondSalting") return withLine(input, source, (l) => lessLine(l, share));
    const { secondSaltFraction = 0 } = input;
    return { ...input, secondSaltFraction: share > 0 ? secondSaltFraction * share : undefined };
  };
  const none = kept(0);
  const least = none && shareOf(none);
  if (!none || least === undefined) return [];
  const whole = { source, cutG: source.massG, shareAfter: least, formula: none };
  if (least >= wanted) return [{ kind: "leaveOut", ...whole }];
  // The eaten salt is close to straight in the amount: a few halvings between all and none find it.
  let [low, high] = [0, 1];
  let found: { share: number; after: number; formula: Formulation } | undefined;
  for (let i = 0; i < HALVINGS; i++) {
    const share = (low + high) / 2;
    const formula = kept(share);
    const after = formula && shareOf(formula);
    if (!formula || after === undefined) return [];
    found = { share, after, formula };
    if (Math.abs(after / wanted - 1) < CLOSE) break;
    if (after > wanted) high = share;
    else low = share;
  }
  if (!found || found.share < LEAVE_OUT_BELOW) return [{ kind: "leaveOut", ...whole }];
  return [
    {
      kind: "less",
      source,
      cutG: source.massG * (1 - found.share),
      shareAfter: found.after,
      formula: found.formula,
    },
  ];
}

const HALVINGS = 8;
/** Near enough to what is wanted. */
const CLOSE = 0.01;
/** A crumb is not worth weighing. */
const LEAVE_OUT_BELOW = 0.1;

const isGivenSalt = (input: Formulation, source: LedgerSource): boolean =>
  source.part === "main" &&
  source.ingredientId === input.saltId &&
  input.salt !== undefined &&
  input.salt.mode !== "wanted";

const lessLine = <L extends FormulaLine>(l: L, share: number): L =>
  share === 0
    ? { ...l, off: true }
    : l.parts === undefined
      ? { ...l, amountG: l.amountG * share }
      : { ...l, parts: l.parts * share };

/** The formula with one line changed: in the preparation, or in the first part of its kind that has it. */
function withLine(
  input: Formulation,
  source: LedgerSource,
  change: <L extends FormulaLine>(line: L) => L,
): Formulation | undefined {
  const is = (l: FormulaLine) => l.ingredientId === source.ingredientId && !l.off;
  if (source.part === "main") {
    if (!input.lines.some(is)) return undefined;
    return { ...input, lines: input.lines.map((l) => (is(l) ? change(l) : l)) };
  }
  const at = input.companions?.findIndex((c) => c.kind === source.part && c.lines.some(is)) ?? -1;
  if (at < 0) return undefined;
  return {
    ...input,
    companions: input.companions?.map((c, i) =>
      i === at ? { ...c, lines: c.lines.map((l) => (is(l) ? change(l) : l)) } : c,
    ),
  };
}
