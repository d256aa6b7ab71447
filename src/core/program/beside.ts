import { isOven } from "../formula/cook/cook-stages";
import { bedBatches } from "../formula/weigh/companions";
import type { CookStage } from "../formulation";
import { glazeWindowMin } from "../heat/glaze";
import { lasting } from "../quantity/said";
import type { WorkedDish } from "./dish";
import { gramsOf, listed } from "./figures";
import { tie } from "./soak";
import { begun, byHand, inHeat, TEND_SLACK_MIN, type Step, type Tie } from "./step";
import * as words from "@/words/core/program/beside";
import { firstOf, lastOf } from "../sequence";

/* What goes on the food, or beside it, while it is in the heat. */

/** Trays that end together may do so this far apart, where hands are wanted elsewhere. */
const TOGETHER_MIN = 3;

interface Whole {
  steps: Step[];
  ovenMin: number;
}

export function glazing(
  { input, sheet }: WorkedDish,
  stages: readonly CookStage[],
  prefix: string,
  out: string,
  endMin: number,
): { steps: Step[]; ties: Tie[] } {
  const glaze = input.companions?.find((c) => c.kind === "glaze");
  const lines = sheet.companions.filter((l) => l.part === "glaze");
  if (!glaze) return { steps: [], ties: [] };
  const { high } = glazeWindowMin(lastOf(stages).ovenC);
  const lastMin = Math.min(glaze.lastMin ?? high, high);
  const id = `${prefix}glaze`;
  return {
    steps: [
      {
        ...byHand(id, "tend", 3, words.brushTheGlazeOnThin(lasting(lastMin)), words.sugarBurnsOnlyInThe, {
          forOthers: words.glazeForOthers(Math.round(lastMin)),
          look: words.aCleanBrushNotThe,
          figures: lines.map(gramsOf),
        }),
        atMin: endMin - lastMin,
      },
    ],
    // Never sooner than its last minutes.
    ties: [
      tie(id, "start", out, "start", Math.max(0, lastMin - TEND_SLACK_MIN), lastMin, { wantedMin: lastMin }),
    ],
  };
}

/** Vegetables beside it, sorted by baking time, so that all is ready with the food or so long after it as the cook said. */
export function bedding(dish: WorkedDish, whole: Whole): { steps: Step[]; ties: Tie[] } {
  const bed = dish.input.companions?.find((c) => c.kind === "bed");
  if (!bed || whole.ovenMin <= 0) return { steps: [], ties: [] };
  const staysMin = bed.staysMin ?? 0;
  const stages = firstOf(dish.exits).stages.filter(isOven);
  const lines = dish.sheet.companions.filter((l) => l.part === "bed");
  const [stage, ...others] = stages;
  const fromMin = whole.steps.find((s) => s.kind === "cook" || s.id === "go_in")?.atMin ?? 0;
  const steps: Step[] = [];
  const ties: Tie[] = [];
  for (const batch of bedBatches(bed, whole.ovenMin + staysMin)) {
    const id = `bed_${batch.bakeMin}`;
    const own = lines.filter((l) => batch.ingredientIds.includes(l.id));
    steps.push({
      ...begun(
        id,
        "tend",
        batch.bakeMin,
        words.intoTheOvenBesideIt(listed(own), lasting(batch.bakeMin)),
        words.itStaysInAfterThe(staysMin, lasting(staysMin)),
        {
          forOthers: words.bedForOthers(listed(own), lasting(batch.bakeMin)),
          // Of several heats it takes them as they come; of one, that one.
          occupies: stage && others.length === 0 ? inHeat(stage.ovenC) : [{ what: "tray" }],
          figures: [...own.map(gramsOf), { what: words.lasts, value: batch.bakeMin, unit: "min" }],
        },
      ),
      atMin: fromMin + batch.inAtMin,
    });
    ties.push(
      tie("oven_out", "start", id, "end", staysMin - TOGETHER_MIN, staysMin + TOGETHER_MIN, {
        wantedMin: staysMin,
      }),
    );
  }
  return { steps, ties };
}
