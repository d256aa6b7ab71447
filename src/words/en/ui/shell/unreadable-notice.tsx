import type { ReactNode } from "react";
export const someOfThisKitchensFile = "Some of this kitchen’s file does not read.";
export const safekeeping = "Safekeeping";
export const everythingElseIsHereAnd = (someOfThisKitchensFile: ReactNode, safekeeping: ReactNode) => (
  <>
    {someOfThisKitchensFile} Everything else is here and works. A snapshot from before may have it whole:{" "}
    {safekeeping}.
  </>
);
export const itsIsNotWhatIt = (field: string) => ` Its “${field}” is not what it should be.`;
export const theKitchensTheUsualStands = (name: string, where: string) =>
  `The kitchen’s ${name}: the usual stands in place of it.${where}`;
export const withTheNumber = (id: string) => `with the number ${id}`;
export const theIsLeftOutOf = ({ what, called, where }: { what: string; called: string; where: string }) =>
  `The ${what} ${called} is left out of the lists.${where}`;
export const things = {
  batch: "batch",
  formula: "formula",
  sitting: "sitting",
  "own entry": "own entry",
  judgement: "judgement",
  tasting: "tasting",
  settings: "settings",
};
export const settings = {
  limits: "eaters and limits",
  words: "words",
  usual: "equipment and hours",
  learned: "what was learnt",
};
