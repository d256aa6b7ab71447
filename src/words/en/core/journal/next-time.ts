export const oneBatchMean = ({ batches, score, mean }: { batches: number; score: number; mean: string }) =>
  `${batches === 1 ? "one batch" : `${batches} batches`}, mean ${score > 0 ? "+" : ""}${mean}`;
export const longerForEvennessAt = (said: string, judged: string) =>
  `Longer: ${said} for evenness at ${judged} h`;
export const saltAt = ({ to, said, judged }: { to: string; said: string; judged: string }) =>
  `${to} % salt: ${said} at ${judged} %`;
