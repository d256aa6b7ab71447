import type { ReactNode } from "react";
export const use = {
  sauce: "the sauce",
  glaze: "the glaze",
  baste: "basting",
  dressing: "the dressing",
};
export const howItComesTogether = "How it comes together";
export const setAsideForBeforeRaw = (madeG: ReactNode, use: string) => (
  <>
    Set {madeG} aside for {use} before raw food comes near. What touched raw food is boiled or thrown away.
  </>
);
export const binderByStepsStirringEach = (steps: ReactNode, wanted: string) => (
  <>
    Binder by steps, stirring each time: {steps}. Stop when it {wanted}.
  </>
);
export const waterByStepsStopAt = (waterSteps: ReactNode) => (
  <>Water by steps: {waterSteps}. Stop at damp sand: a squeezed handful holds its shape.</>
);
export const eggWhitesStirredThroughA = (eggWhites: ReactNode) => (
  <>
    {eggWhites} egg whites, stirred through. A squeezed handful holds its shape; if it crumbles, a spoon of
    water.
  </>
);
export const blackensInAnOvenOf = (scorchC: ReactNode, sugarFraction: string) => (
  <>
    Blackens in an oven of about {scorchC}; {sugarFraction} % of it is sugar.
  </>
);
export const byPracticeToForThis = ({ kind, from, to }: { kind: string; from: string; to: string }) =>
  `${kind} By practice ${from} to ${to} for this food.`;
export const hereToCoverTheFood = ({
  haveMl,
  coverMl,
  bagMl,
}: {
  haveMl: ReactNode;
  coverMl: string;
  bagMl: ReactNode;
}) => (
  <>
    {haveMl} here. To cover the food in this vessel: {coverMl}; in a bag pressed round it: {bagMl}.
  </>
);
export const marinadeKind = {
  acid: "Sharp: acid turns the outside opaque and in time chalky; salt keeps going in.",
  dairy: "Dairy: mild acid, so it may stay long; milk solids brown early.",
  enzyme: "With an enzyme fruit: it softens the surface fast, then turns it to paste.",
  oil: "Oil and aromatics: mild; they stay at the surface, salt alone goes in.",
};
export const wanted = {
  coats: "coats a spoon and runs off slowly",
  clings: "clings to the spoon held upright",
  ridges: "holds a ridge",
};
export const theTo1RuleWould = (ruleRatio: number, ruleG: string) =>
  `The ${ruleRatio} to 1 rule would take ${ruleG} g.`;
export const underOver = ({
  under,
  over,
  salt,
  byRule,
}: {
  under: ReactNode;
  over: ReactNode;
  salt: ReactNode;
  byRule: string;
}) => (
  <>
    {under} under, {over} over: {salt}. {byRule}
  </>
);
export const underTheRestOverAbout = ({
  under,
  over,
  salt,
  saltBy,
  ruleRatio,
  byRule,
  overMm,
  geometryG,
}: {
  under: ReactNode;
  over: ReactNode;
  salt: ReactNode;
  saltBy: string;
  ruleRatio: number;
  byRule: string;
  overMm: string;
  geometryG: string;
}) => (
  <>
    {under} under, the rest over, about {over}: {salt}{" "}
    {saltBy === "rule" ? `by the ${ruleRatio} to 1 rule` : "as you have it"}.{" "}
    {saltBy === "given" ? byRule : `${overMm} over would take ${geometryG} g.`}
  </>
);
