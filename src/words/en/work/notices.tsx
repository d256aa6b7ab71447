import type { ReactNode } from "react";
export const itsOwnPage = "its own page";
export const theSumsOfNoLonger = (bName: string, itsOwnPage: ReactNode) => (
  <>
    The sums of {bName} no longer work out; its sheet stands on {itsOwnPage}.
  </>
);
export const cannotBeOnTheTable = (name: string, table: ReactNode) => (
  <>
    {name} cannot be on the table at {table}
  </>
);
export const isForetoldOutAt = ({
  amount,
  dishName,
  outMs,
}: {
  amount: number;
  dishName: string;
  outMs: ReactNode;
}) => (
  <>
    {amount === 0 ? ": " : ", "}
    {dishName} is foretold out at {outMs}
  </>
);
export const whatCouldGiveWay = "What could give way";
export const lateByOnTheTable = ({
  name,
  lateMin,
  table,
}: {
  name: string;
  lateMin: ReactNode;
  table: ReactNode;
}) => (
  <>
    {name}: late by {lateMin}, on the table at {table}.
  </>
);
