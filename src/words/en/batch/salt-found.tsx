import type { ReactNode } from "react";
export const withInTheFlesh = (held: ReactNode) => <>, with {held} in the flesh</>;
export const foundWanted = ({
  salt,
  wanted,
  held,
}: {
  salt: ReactNode;
  wanted: ReactNode;
  held: ReactNode;
}) => (
  <>
    Found {salt}: wanted {wanted}
    {held}.
  </>
);
