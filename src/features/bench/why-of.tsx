import { isBaked } from "@/core/preparations";
import { duration } from "@/ui/format";
import { Why } from "@/ui/why";
import type { Figure } from "./explanations";
import type { Worked } from "./worked";
import * as words from "@/words/bench/why-of";

/** What each figure's why is headed. */
const TITLE: Record<Figure, string> = words.title;

function titleOf(figure: Figure, { input }: Worked): string {
  if (figure === "mean") return words.at(TITLE.mean, duration(input.pullH));
  return TITLE[figure === "salt" && isBaked(input) ? "crust" : figure];
}

/** Why a figure is what it is, of what is on the Bench. */
export function WhyOf({ figure, worked }: { figure: Figure; worked: Worked }) {
  return (
    <Why
      title={titleOf(figure, worked)}
      explain={async () => (await import("./explanations")).EXPLANATIONS[figure](worked)}
    />
  );
}
