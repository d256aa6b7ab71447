import { tendedAt } from "../formula/cook/cook-stages";
import type { CookStage, Cover } from "../formulation";
import { capital, degrees, lasting } from "../quantity/said";
import { isCrust, type WorkedDish } from "./dish";
import type { Exit } from "./exits";
import { tie } from "./soak";
import { begun, byHand, inHeat, TEND_SLACK_MIN, type Step, type Tie } from "./step";
import * as words from "@/words/core/program/oven-stage";

/* One stretch of a cook in the oven, and what is done to the food meanwhile. */

const COVERED: Record<Cover, string> = words.covered;

const TENDED: Record<NonNullable<CookStage["action"]>, [string, string]> = {
  baste: [words.baste, words.eachOpeningCostsTheOven],
  turn: [words.turnIt, words.bothSidesAlike],
  sear: [words.searedAllRound, words.colourNowItWillNot],
  tent: [words.tentItWithFoil, words.theOutsideIsBrownEnough],
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
  const into = words.inItsDishIntoThe(dish.cook.inColdDish, first);
  const lid =
    before && before.cover !== stage.cover ? (stage.cover === "open" ? words.uncovered : `, ${cover}`) : "";
  const title = first
    ? `${what}${into}, ${degrees(stage.ovenC)} °C, ${cover}, ${lasting(stage.minutes)}`
    : before.ovenC === stage.ovenC
      ? words.more({
          what,
          part: capital(lid.replace(/^, /, "") || words.onAsItIs),
          minutes: lasting(stage.minutes),
        })
      : words.ovenUpTo({
          what,
          hotter: stage.ovenC > before.ovenC,
          ovenC: degrees(stage.ovenC),
          lid,
          minutes: lasting(stage.minutes),
        });
  return begun(
    id,
    crust && first ? "goIn" : "cook",
    stage.minutes,
    title,
    first
      ? words.theMiddleDecidesTheClock
      : stage.ovenC > before.ovenC
        ? words.aHotterOvenForThe
        : words.aGentlerOneForThe,
    {
      occupies: inHeat(stage.ovenC),
      figures: [
        { what: words.oven, value: stage.ovenC, unit: "°C" },
        { what: words.lasts, value: stage.minutes, unit: "min" },
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
