import type { Preparation } from "../formulation";
import { crust } from "./crust";
import { cure } from "./cure";
import type { Lies, PreparationDescriptor, PreparationKind, PreparationWords } from "./descriptor";
import { dry } from "./dry";
import { equilibrium } from "./equilibrium";
import { injection } from "./injection";
import { marinade } from "./marinade";
import { paste } from "./paste";
import { rub } from "./rub";
import { timed } from "./timed";

export type { PreparationDescriptor, PreparationKind } from "./descriptor";

/** What a cook picks from, in the order it is offered: every preparation, and a brine's two schools apart. */
export const PREPARATIONS = {
  equilibrium,
  timed,
  dry,
  marinade,
  paste,
  rub,
  crust,
  cure,
  injection,
} as const satisfies Record<string, PreparationDescriptor>;

export type PreparationChoice = keyof typeof PREPARATIONS;

export const PREPARATION_CHOICES = Object.keys(PREPARATIONS) as PreparationChoice[];

const CHOICE_OF_KIND = Object.fromEntries(
  PREPARATION_CHOICES.map((choice) => [PREPARATIONS[choice].kind, choice]),
) as Record<PreparationKind, PreparationChoice>;

/** Which of the choices a preparation is. */
export const choiceOf = (p: Preparation): PreparationChoice =>
  p.kind === "wetBrine" ? p.school : CHOICE_OF_KIND[p.kind];

/** All that is known of a preparation. */
export const described = (p: Preparation): PreparationDescriptor => PREPARATIONS[choiceOf(p)];

/** The same of a kind alone: of a brine, what both its schools have in common. */
export const describedKind = (kind: PreparationKind): PreparationDescriptor =>
  PREPARATIONS[CHOICE_OF_KIND[kind]];

/** Every kind there is, each once. */
export const PREPARATION_KINDS = [
  ...new Set(PREPARATION_CHOICES.map((choice) => PREPARATIONS[choice].kind)),
] as [PreparationKind, ...PreparationKind[]];

type Prepared = { preparation: Preparation };

const lies =
  (...where: Lies[]) =>
  ({ preparation }: Prepared): boolean =>
    where.includes(described(preparation).lies);

/** It lies under a brine, whose strength can be read and thinned. */
export const hasBath = lies("bath");
/** Something liquid is about it. */
export const isWet = lies("bath", "mixture");
/** It is done by its bake, not by its salt. */
export const isBaked = lies("crust");

/** Minutes in fresh water once it is out; undefined where it is not rinsed, or cannot be. */
export const rinseMinOf = ({
  preparation,
  rinse,
}: Prepared & { rinse?: { minutes: number } | undefined }): number | undefined =>
  described(preparation).rinses === "no" ? undefined : rinse?.minutes;

/** One word of each, by choice. */
export const wordsBy = <W>(of: (words: PreparationWords) => W): Record<PreparationChoice, W> =>
  Object.fromEntries(PREPARATION_CHOICES.map((choice) => [choice, of(PREPARATIONS[choice].words)])) as Record<
    PreparationChoice,
    W
  >;
