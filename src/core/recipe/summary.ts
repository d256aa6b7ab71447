import { PREPARATIONS } from "../preparations";
import { howOf, type How } from "./how";
import type { ReadRecipe, RecipeLine } from "./reading";

/* A reading as other programs take it: what was read, and how sure each thing is. */

export interface LineReading {
  text: string;
  role: "food" | "line" | "heading" | "note";
  id: string | null;
  grams: number | null;
  count: number | null;
  optional: boolean;
  to_taste: boolean;
  part: string;
  how: How;
}

export interface RecipeReading {
  food: { id: string | null; count: number; total_g: number | null; thickness_mm: number | null };
  preparation: string;
  lines: LineReading[];
  method: {
    soak_h: [number, number] | null;
    soak_place: "fridge" | "room" | "cooler" | null;
    stages: { oven_C: number | null; minutes: [number, number] | null; cover: string | null }[];
    core_C: number | null;
    rest_min: [number, number] | null;
    rinse: boolean | null;
    portions: number | null;
  };
  findings: string[];
}

const CODE: Record<string, string> = {
  two_ovens: "two_oven_temperatures",
  times_total: "stage_times_do_not_sum",
  times_cook: "stage_times_do_not_sum",
  salt_twice: "salt_given_twice",
  brine_room_temp: "soak_at_room_temperature",
  hot_brine: "warm_brine",
  reused_marinade: "reuse_of_raw_marinade",
  reactive_metal: "aluminium_vessel",
  core_low: "undercooked_core",
};
const codeOf = (id: string): string =>
  id.startsWith("crystal_") ? "salt_by_volume_ambiguous" : (CODE[id] ?? id);

/** @param extra what the sums found besides: ids as `againstSums` gives them */
export function summaryOf(read: ReadRecipe, extra: readonly { id: string }[] = []): RecipeReading {
  const { method } = read;
  return {
    food: {
      id: read.foods[0]?.id ?? null,
      count: read.foodCount,
      total_g: read.foodG ?? null,
      thickness_mm: read.thicknessMm ?? null,
    },
    preparation: PREPARATIONS[read.preparation.choice].kind,
    lines: read.lines.map((line) => lineOf(line, read)),
    method: {
      soak_h: read.soak ? [read.soak.low / 60, read.soak.high / 60] : null,
      soak_place: method.place ?? null,
      stages: method.cook.map((s) => ({
        oven_C: s.ovenC ?? null,
        minutes: s.minutes ? [s.minutes.low, s.minutes.high] : null,
        cover: s.cover ?? null,
      })),
      core_C: method.cores[0]?.celsius ?? null,
      rest_min: method.rest ? [method.rest.low, method.rest.high] : null,
      rinse: method.rinse ?? null,
      portions: read.recipe.serves,
    },
    findings: [...new Set([...read.contradictions, ...extra].map((c) => codeOf(c.id)))],
  };
}

function lineOf(line: RecipeLine, read: ReadRecipe): LineReading {
  const { amount, chosen, grams } = line;
  const isFood = chosen?.kind === "food";
  const foodG = isFood && chosen.id === read.foods[0]?.id ? (read.foodG ?? null) : null;
  return {
    text: line.text,
    role: line.isHeading ? "heading" : isFood ? "food" : "line",
    id: chosen?.id ?? null,
    grams: isFood ? foodG : (grams?.grams ?? null),
    count: line.count ?? (amount.kind === "count" ? amount.low : null),
    optional: line.optional,
    to_taste: amount.kind === "words" && amount.words === "to taste",
    part: line.part,
    how: howOf(line, read),
  };
}
