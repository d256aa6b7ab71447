import type { ReactNode } from "react";
export const fetching = "fetching …";
export const doesNotReadTheFigures = (unread: ReactNode) => (
  <>{unread} does not read. The figures stand on the last good entry.</>
);
