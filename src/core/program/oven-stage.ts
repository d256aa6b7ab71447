import { tendedAt } from "../formula/cook/cook-stages";
import type { CookStage, Cover } from "../formulation";
import { capital, degrees, lasting } from "../quantity/said";
import { isCrust, type WorkedDish } from "./dish";
import type { Exit } from "./exits";
import { tie } from "./soak";
import { begun, byHand, inHeat, TEND_SLACK_MIN, type Step, type Tie } from "./step";

/* One stretch of a cook in the oven, and what is done to the food meanwhile. */

const COVERED: Record<Cover, string> = {
  open: "open",
  lid: "under a lid",
  foil: "under foil",
  pouch: "in a sealed pouch",
  crust: "in its crust",
};

const TENDED: Record<NonNullable<CookStage["action"]>, [string, string]> = {
  baste: ["Baste", "Each opening costs the oven two to four minutes: be quick."],
  turn: ["Turn it", "Both sides alike."],
  sear: ["Seared all round?", "Colour now; it will not come later under cover."],
  tent: ["Tent it with foil", "The outside is brown enough; the inside is not done yet."],
};

/** Into the oven, or the oven to its next heat. @param before the stage before it, where there is one */
export function staged(
  dish: WorkedDish,
  exit: Exit,
  stage: CookStage,
  before: CookStage | undefined,
  id: string,
): Step {
  const first = before === undefined;
  const crust = isCrust(dish);
  const cover = COVERED[stage.cover];
  const what = exit.name ? `${capital(exit.name)}: ` : "";
  const into = dish.cook.inColdDish && first ? "In its dish into the oven" : "Into the oven";
  const lid =
    before && before.cover !== stage.cover ? (stage.cover === "open" ? ", uncovered" : `, ${cover}`) : "";
  const title = first
    ? `${what}${into}, ${degrees(stage.ovenC)} °C, ${cover}, ${lasting(stage.minutes)}`
    : before.ovenC === stage.ovenC
      ? `${what}${capital(lid.replace(/^, /, "") || "On as it is")}, ${lasting(stage.minutes)} more`
      : `${what}Oven ${stage.ovenC > before.ovenC ? "up" : "down"} to ${degrees(stage.ovenC)} °C${lid}, ${lasting(stage.minutes)}`;
  return begun(
    id,
    crust && first ? "goIn" : "cook",
    stage.minutes,
    title,
    first
      ? "The middle decides, the clock only reminds."
      : stage.ovenC > before.ovenC
        ? "A hotter oven for the outside."
        : "A gentler one for the middle.",
    {
      occupies: inHeat(stage.ovenC),
      figures: [
        { what: "oven", value: stage.ovenC, unit: "°C" },
        { what: "for", value: stage.minutes, unit: "min" },
      ],
      ends: { by: "core", channel: exit.channel, outC: exit.outC, endC: exit.endC },
    },
  );
}

/** Basted, turned or tented while it lies in the heat. @param under the step of that stage, which begins at `fromMin` */
export function tending(
  stage: CookStage,
  id: string,
  under: string,
  fromMin: number,
): { steps: Step[]; ties: Tie[] } {
  if (!stage.action || stage.action === "sear") return { steps: [], ties: [] };
  const [title, why] = TENDED[stage.action];
  const steps: Step[] = [];
  const ties: Tie[] = [];
  if (stage.action === "tent") {
    steps.push({ ...byHand(`${id}_1`, "tend", 2, title, why), atMin: fromMin });
    ties.push(tie(under, "start", `${id}_1`, "start", 0, TEND_SLACK_MIN, { wantedMin: 0 }));
    return { steps, ties };
  }
  tendedAt(stage).forEach((m, i) => {
    const step = `${id}_${i + 1}`;
    steps.push({ ...byHand(step, "tend", 2, title, why), atMin: fromMin + m });
    ties.push(
      tie(under, "start", step, "start", Math.max(0, m - TEND_SLACK_MIN), m + TEND_SLACK_MIN, {
        wantedMin: m,
      }),
    );
  });
  return { steps, ties };
}
