import { outcomeAt } from "../formula/account/outcome";
import { chops, foodIn, worked } from "../formula/formulation.fixture";
import { preparationOffered } from "../formula/offer/defaults";
import type { Formulation } from "../formulation";
import type { PreparationChoice } from "../preparations";
import { RULES } from "./findings";
import { eaterOf, type Eater } from "./limits";
import { contextOf, type FindingData, type RuleContext } from "./rule";

/* What the tests of the rules ask them about: a formula of each kind, with any one fact of it changed. */

export function contextFor(input: Formulation): RuleContext {
  const sheet = worked(input);
  return contextOf({ input, sheet, atPull: outcomeAt(sheet, input.pullH, input.portions) });
}
export const of = (foodId: string, choice: PreparationChoice, change: Partial<Formulation> = {}) =>
  contextFor(foodIn(foodId, choice, change, 2));

export const brine = contextFor(chops());
export const timed = contextFor(chops({ preparation: preparationOffered("timed", 0.014) }));
export const marinade = of("mackerel_fillet", "marinade");
export const paste = of("goat_leg", "paste");
export const rub = of("pork_loin_bonein", "rub");
export const crust = of("grey_mullet_whole", "crust");
export const injected = of("pork_loin_bonein", "injection");

export type Patch = {
  input?: Partial<Formulation>;
  holding?: Partial<Formulation["holding"]>;
  vessel?: Partial<Formulation["vessel"]>;
  pieces?: Partial<Formulation["pieces"]>;
  preparation?: Partial<Formulation["preparation"]>;
  sheet?: Partial<RuleContext["sheet"]>;
  food?: Partial<RuleContext["sheet"]["food"]>;
  salt?: Partial<RuleContext["sheet"]["salt"]>;
  mix?: Partial<NonNullable<RuleContext["sheet"]["mix"]>>;
  atPull?: Partial<RuleContext["atPull"]>;
  ledger?: Partial<RuleContext["atPull"]["ledger"]>;
  facts?: Partial<RuleContext["facts"]>;
  cook?: Partial<RuleContext["cook"]>;
  kitchen?: Partial<RuleContext["kitchen"]>;
};

export function patched(c: RuleContext, p: Patch): RuleContext {
  const mix = p.sheet && "mix" in p.sheet ? p.sheet.mix : c.sheet.mix;
  return {
    ...c,
    input: {
      ...c.input,
      ...p.input,
      holding: { ...c.input.holding, ...p.holding },
      vessel: { ...c.input.vessel, ...p.vessel },
      pieces: { ...c.input.pieces, ...p.pieces },
      preparation: { ...c.input.preparation, ...p.preparation } as Formulation["preparation"],
    },
    sheet: {
      ...c.sheet,
      ...p.sheet,
      food: { ...c.sheet.food, ...p.food },
      salt: { ...c.sheet.salt, ...p.salt },
      ...(mix && { mix: { ...mix, ...p.mix } }),
    },
    atPull: { ...c.atPull, ...p.atPull, ledger: { ...c.atPull.ledger, ...p.ledger } },
    facts: { ...c.facts, ...p.facts },
    cook: { ...c.cook, ...p.cook },
    kitchen: { ...c.kitchen, ...p.kitchen },
  };
}

/** What a rule has to say of a formula so changed; undefined where it is silent. */
export function told(id: string, c: RuleContext, p: Patch = {}): FindingData | undefined {
  const rule = RULES.find((r) => r.id === id);
  if (!rule) throw new Error(id);
  const data = rule.check(patched(c, p));
  // Whatever it says, every figure and name it speaks is there, in its advice too.
  if (data)
    for (const [, place] of `${rule.because} ${rule.instead}`.matchAll(/\{\{(\w+)\}\}/g)) {
      expect(data).toHaveProperty(place);
      expect(String(data[place])).not.toMatch(/^(NaN|undefined|)$/);
    }
  return data;
}

export const fires = (id: string, c: RuleContext, p: Patch): boolean => told(id, c, p) !== undefined;

/** For a part the fixture must have. */
export function fail(): never {
  throw new Error("fixture");
}

/** Somebody at the table who eats everything, but for what is said. */
export const eater = (name: string, more: Partial<Eater> = {}): Eater => ({
  ...eaterOf(name, name),
  ...more,
});
