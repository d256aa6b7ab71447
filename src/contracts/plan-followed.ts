import type { Answer } from "@/core/schedule/answer";
import type { StoredPlan } from "./plan";

/** The plan a kitchen goes by: the one decided; where that fits no longer, the last that did. */
export function planFollowed({
  answer,
  followed,
}: StoredPlan): Extract<Answer, { status: "planned" }> | undefined {
  if (answer.status === "planned") return answer;
  return followed?.status === "planned" ? followed : undefined;
}

/** When it is on the table: at the hour that was asked for, or as much later as the table gave way. */
export const tableOf = (askedMs: number, answer: Answer): number =>
  askedMs + (answer.status === "planned" ? (answer.late?.byMin ?? 0) : 0) * 60_000;
