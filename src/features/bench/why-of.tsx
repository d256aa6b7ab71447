import { isBaked } from "@/core/preparations";
import { duration } from "@/ui/format";
import { Why } from "@/ui/why";
import type { Figure } from "./explanations";
import type { Worked } from "./worked";

/** What each figure's why is headed. */
const TITLE: Record<Figure, string> = {
  flesh: "Flesh that takes salt",
  water: "Water",
  salt: "Salt to weigh out",
  mean: "Salt in the flesh",
  ready: "When it is ready",
  sodium: "Sodium a portion",
  strength: "Brine strength",
  crust: "Salt for the crust",
  sour: "How sour it is",
  coat: "How thick it lies",
};

function titleOf(figure: Figure, { input }: Worked): string {
  if (figure === "mean") return `${TITLE.mean} at ${duration(input.pullH)}`;
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
