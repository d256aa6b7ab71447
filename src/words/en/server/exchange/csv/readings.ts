export const notReadings = "Not readings";
export const rowItWantsTheHeads = ({
  amount,
  what,
  heads,
}: {
  amount: number;
  what: string;
  heads: string;
}) => `Row ${amount}: ${what}. It wants the heads ${heads}.`;
export const atUtcIsATime = "at_utc is a time such as 2026-11-25T18:00:00Z";
