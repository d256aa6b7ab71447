export const oneBatchMean = ({
  batches,
  meanScore,
  meanScore2,
}: {
  batches: number;
  meanScore: number;
  meanScore2: string;
}) => `${batches === 1 ? "one batch" : `${batches} batches`}, mean ${meanScore > 0 ? "+" : ""}${meanScore2}`;
export const longerForEvennessAt = (said: string, judged: string) =>
  `Longer: ${said} for evenness at ${judged} h`;
export const saltAt = ({ to, said, judged }: { to: string; said: string; judged: string }) =>
  `${to} % salt: ${said} at ${judged} %`;
