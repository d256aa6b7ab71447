import type { Formulated } from "../formula/formulate";
import { hazard } from "../materials/hazard";
import type { SaidHeat, SaidStage } from "./method";
import type { Contradiction } from "./reading";
import * as words from "@/words/core/recipe/against-sums";

/** What a recipe says against what the sums say of the same food, weight and salt. */
export function againstSums(
  sheet: Formulated,
  soak: SaidStage | undefined,
  cores: readonly SaidHeat[],
): Contradiction[] {
  return [...soakOutside(sheet, soak), ...coreTooLow(sheet, cores)];
}

/** What was read and what the sums found: where both say the same, the one with its figures stands. */
export function withSums(read: readonly Contradiction[], sums: readonly Contradiction[]): Contradiction[] {
  const told = new Set(sums.map((c) => c.id));
  return [...read.filter((c) => !(c.id === "undercooked_core" && told.has("core_low"))), ...sums];
}

function soakOutside({ soak: { window } }: Formulated, soak: SaidStage | undefined): Contradiction[] {
  if (!soak) return [];
  const [lowH, highH] = [soak.low / 60, soak.high / 60];
  const ready = window.ready.early ?? window.ready.likely;
  const past = window.past.late ?? window.past.likely;
  const says = [soak.sentence];
  if (ready === undefined || highH < ready)
    return [
      {
        id: "soak_short",
        severity: "caution",
        title: words.itsSoakIsTooShort(
          hours(highH),
          ready === undefined ? words.notWithinFourDays : words.fromAbout(hours(ready)),
        ),
        instead: words.longerThinnerOrSlashedPieces,
        says,
      },
    ];
  if (past !== undefined && lowH > past)
    return [
      {
        id: "soak_long",
        severity: "caution",
        title: words.itsSoakIsTooLong(hours(lowH), hours(past)),
        instead: words.takeItOutSoonerOr,
        says,
      },
    ];
  return [];
}

function coreTooLow({ food }: Formulated, cores: readonly SaidHeat[]): Contradiction[] {
  const { safeMinC } = food;
  const low = safeMinC === null ? undefined : cores.find((c) => c.celsius < safeMinC - 0.5);
  if (!low || safeMinC === null) return [];
  const { severity, title, safeAlternative, deferTo } = hazard("under_min_temp");
  return [
    {
      id: "core_low",
      severity,
      title: words.cWhereCIsThe({ title, celsius: Math.round(low.celsius), safeMinC: Math.round(safeMinC) }),
      instead: safeAlternative,
      says: [low.sentence],
      deferTo,
    },
  ];
}

const hours = (h: number): string => (h < 1 ? `${Math.round(h * 60)} min` : `${Math.round(h * 10) / 10} h`);
