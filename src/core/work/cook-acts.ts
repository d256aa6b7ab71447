import { glazeWindowMin } from "../heat/glaze";
import { bedBatches } from "../formula/companions";
import type { CookStage, Cover, Formulation } from "../formula/model";
import type { Act } from "./act";

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
  tent: ["Tent it with foil", "The outside is brown enough; the inside is not there yet."],
};

/** The stages of a cook, what is done in them, and what goes into the oven beside the food. */
export function cookActs(
  input: Formulation,
  stages: readonly CookStage[],
  fromMin: number,
  toMin: number,
  crust: boolean,
): Act[] {
  const acts: Act[] = [];
  let at = fromMin;
  stages.forEach((stage, i) => {
    const minutes = crust ? toMin - fromMin : stage.minutes;
    // A crust went into the oven when it was packed.
    if (!(crust && i === 0)) acts.push(stageAct(stage, i, at, minutes));
    acts.push(...tending(stage, i, at, minutes));
    at += minutes;
  });
  return [...acts, ...glazing(input, stages, toMin), ...bedding(input, fromMin, toMin)].sort(
    (a, b) => a.atMin - b.atMin,
  );
}

function stageAct(stage: CookStage, index: number, atMin: number, minutes: number): Act {
  const first = index === 0;
  return {
    id: `stage_${index + 1}`,
    kind: "cook",
    atMin,
    minutes,
    title: `${first ? "Into the oven" : "Oven to"} ${stage.ovenC} °C, ${COVERED[stage.cover]}, ${minutes} min`,
    why: first
      ? "The food's core decides, the clock only reminds."
      : "A second heat for the outside, or a gentler one for the middle.",
    handsOn: false,
  };
}

function tending(stage: CookStage, index: number, fromMin: number, minutes: number): Act[] {
  if (!stage.action) return [];
  const [title, why] = TENDED[stage.action];
  const every = stage.everyMin ?? (stage.action === "turn" ? minutes / 2 : minutes);
  const acts: Act[] = [];
  const begin = stage.action === "tent" ? 0 : every;
  for (let m = begin, n = 1; m < minutes - 0.5; m += every, n++)
    acts.push({
      id: `tend_${index + 1}_${n}`,
      kind: "tend",
      atMin: fromMin + m,
      minutes: 2,
      title,
      why,
      handsOn: true,
    });
  return acts;
}

function glazing(input: Formulation, stages: readonly CookStage[], toMin: number): Act[] {
  const glaze = input.companions?.find((c) => c.kind === "glaze");
  if (!glaze) return [];
  const { high } = glazeWindowMin(stages[stages.length - 1].ovenC);
  return [
    {
      id: "glaze",
      kind: "tend",
      atMin: toMin - Math.min(glaze.lastMin ?? high, high),
      minutes: 3,
      title: "Brush the glaze on, thin",
      why: "Sugar burns: only in the last minutes.",
      look: "A clean brush: not the one that touched raw food.",
      handsOn: true,
    },
  ];
}

function bedding(input: Formulation, fromMin: number, toMin: number): Act[] {
  const bed = input.companions?.find((c) => c.kind === "bed");
  if (!bed) return [];
  return bedBatches(bed, toMin - fromMin).map((batch) => ({
    id: `bed_${batch.bakeMin}`,
    kind: "tend" as const,
    atMin: fromMin + batch.inAtMin,
    minutes: 3,
    title: `Into the oven beside it: what bakes ${batch.bakeMin} min`,
    why: "Sorted by baking time, so that all is done with the food.",
    handsOn: true,
  }));
}
