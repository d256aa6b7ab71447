import type { ReactNode } from "react";
export const theTable = "The table";
export const oneDishForAll = "one dish for all";
export const houseTaste = "House taste";
export const record = "Record";
export const whatIsLikedHere = "What is liked here";
export const saltThisTableLikesBest = (known: boolean) =>
  known
    ? "Salt this table likes best in finished flesh"
    : "Not asked yet: the usual, and how far eaters lie from it";
export const betweenAndTwoTimesIn = ({
  tableLow,
  tableHigh,
  answers,
  batches,
}: {
  tableLow: ReactNode;
  tableHigh: ReactNode;
  answers: string;
  batches: string;
}) => (
  <>
    between {tableLow} and {tableHigh} % two times in three, from {answers} and {batches}.
  </>
);
export const takeAsTheWantedSalt = (liked: string) => `Take ${liked} % as the wanted salt`;
export const backToTheUsual = (usualWanted: string) => `Back to the usual ${usualWanted} %`;
export const aNewBenchAsksFor = (usualWanted: string) => `A new Bench asks for the usual ${usualWanted} %.`;
export const aNewBenchAsksForOfHouseSalt = (houseSalt: string) =>
  `A new Bench asks for ${houseSalt} %, this kitchen's own. Formulas that are saved stay as they are.`;
export const eachEater = "Each eater";
export const eachAnswerWeighsWhatIs =
  "Each answer weighs what is believed of an eater anew: what lies nearer to the salt they like is liked better, felt by ratios, with a slip now and then. A dinner that was judged counts half. The table stands in the middle of its eaters. A potato is not a roast: let the next dinners have the last word.";
export const tastings = "Tastings";
export const tastingsSoFar = "Tastings so far";
export const soFar = (questionsCount: number, answersCount: string) =>
  questionsCount > 0 ? `${answersCount} so far` : "done";
export const forgetTheTastingOf = (day: string) => `Forget the tasting of ${day}`;
export const forgetThisTastingAndAll = "Forget this tasting, and all that was said in it?";
export const forget = "Forget";
