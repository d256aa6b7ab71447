import type { ReactNode } from "react";
export const oneStage = "one stage";
export const hotThenTented = "hot, then tented";
export const coveredLowThenHot = "covered low, then hot";
export const searedFirst = "seared first";
export const inAPouch = "in a pouch";
export const baked = (crust: boolean) => (crust ? "Baked" : "Then cooked");
export const coreShallEndAt = "Core shall end at";
export const officialMinimum = (safeMinC: ReactNode, safeSource: string) => (
  <>
    official minimum {safeMinC} ({safeSource})
  </>
);
export const oven = "Oven";
export const cookingTime = "Cooking time";
export const divided = "Divided";
export const asBelow = "as below";
export const restAfter = "Rest after";
export const outOfTheFridgeBefore = "Out of the fridge before";
export const carving = "Carving";
export const saltOnceMore = "Salt once more";
export const underTheGrill = "Under the grill";
export const inItsColdDish = "In its cold dish";
export const eatenRaw = "Eaten raw";
export const commonPractice = (form: ReactNode, minutes: ReactNode) => (
  <>
    common practice, {form}: {minutes}
  </>
);
export const byItsThickness = (engineMin: ReactNode) => <>by its thickness: {engineMin}</>;
export const aPlanGoesByPractice = (by: string) =>
  `. A plan goes by ${by === "trade" ? "practice" : "the thickness"}, the longer.`;
export const take = (minutes: number) => `Take ${minutes}`;
export const outAt = "Out at";
export const out = (exitName: string) => `${exitName}: out`;
export const outHead = "Out";
export const after = (minutes: string) => `after ${minutes}`;
export const atEndsAt = ({
  exitName,
  outC,
  minutes,
  exit,
}: {
  exitName: string;
  outC: ReactNode;
  minutes: ReactNode;
  exit: string;
}) => (
  <>
    {exitName} at {outC}
    {minutes}, ends at {exit}
  </>
);
export const followYourLocalFoodCode = (exit: string) => `${exit} Follow your local food code.`;
