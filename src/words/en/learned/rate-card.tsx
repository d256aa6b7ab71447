import type { ReactNode } from "react";
export const theTable = "the table";
export const aBatch = "A batch";
export const farFromTheOthers = "· far from the others";
export const to = (bLow: string, bHigh: string) => `${bLow} to ${bHigh}`;
export const before = "Before";
export const theTablesOwnDoubt = "the table’s own doubt";
export const toOfBeforeLow = (beforeLow: string, beforeHigh: string) => `${beforeLow} to ${beforeHigh}`;
export const now = "Now";
export const toOfLearntLow = (learntLow: string, learntHigh: string) => `${learntLow} to ${learntHigh}`;
export const asFastIntoItAs = "as fast into it as the table says";
export const andLessFromWhichAre = (kin: string) => ` and, less, from ${kin}, which are of its kind`;
export const betweenAndTwoTimesIn = ({
  learntLow,
  learntHigh,
  counted,
  kin,
}: {
  learntLow: string;
  learntHigh: string;
  counted: number;
  kin: string | boolean;
}) => (
  <>
    Between {learntLow} and {learntHigh} two times in three, from {counted}{" "}
    {counted === 1 ? "batch" : "batches"} of it{kin}.
  </>
);
export const readyInInsteadOf = ({
  part,
  learnt,
  table,
}: {
  part: string;
  learnt: ReactNode;
  table: string;
}) => (
  <>
    {part}: ready in {learnt} instead of {table}.
  </>
);
export const overTheTable = "over the table";
export const someBatch = "a batch";
export const theBatch = "the batch";
