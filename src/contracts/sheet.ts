import { z } from "zod";
import type { Outcome } from "@/core/formula/account/outcome";
import type { Formulated } from "@/core/formula/formulate";
import type { SoakWindow } from "@/core/formula/soak/window";

const softHour = z.object({
  early: z.number().optional(),
  likely: z.number().optional(),
  late: z.number().optional(),
});

/** The computed sheet as a batch keeps it: what the cook was told on the day, whatever the sums say later. */
export const sheetSnapshotSchema = z.object({
  lines: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      role: z.enum(["water", "salt", "sugar", "aromatic", "mixture", "binder", "egg"]),
      // Sheets kept before there were companions and hidden salt have neither.
      part: z
        .enum([
          "main",
          "glaze",
          "butter",
          "baste",
          "sauce",
          "dressing",
          "bed",
          "coat",
          "drizzle",
          "salting",
          "secondSalting",
        ])
        .default("main"),
      naclG: z.number().default(0),
      note: z.string().optional(),
      massG: z.number(),
      scalesWith: z.enum(["foodMass", "surface", "bath", "salt", "piece", "vessel", "batch"]),
      densityGPerMl: z.number().optional(),
      densityDoubt: z.number(),
      each: z.object({ massG: z.number(), unit: z.string() }).optional(),
      optional: z.boolean(),
      allergens: z.array(z.string()),
    }),
  ),
  fleshG: z.number(),
  naclG: z.number(),
  waterG: z.number(),
  brineFraction: z.number().optional(),
  endFraction: z.number(),
  ready: softHour,
  past: softHour,
  /** As it goes to the heat: after its rinse, where it is rinsed. */
  atPull: z.object({
    meanFraction: z.number(),
    surfaceFraction: z.number(),
    centreFraction: z.number(),
    sodiumMgPerPortion: z.number(),
  }),
});
export type SheetSnapshot = z.infer<typeof sheetSnapshotSchema>;

/** @param window with its soft edges, where an ensemble gave them */
export function snapshotOf(
  sheet: Formulated,
  atPull: Outcome,
  window: SoakWindow = sheet.soak.window,
): SheetSnapshot {
  return {
    lines: [...sheet.lines, ...sheet.companions],
    fleshG: sheet.flesh.massG,
    naclG: sheet.naclG,
    waterG: sheet.waterG,
    brineFraction: sheet.brine?.saltFraction,
    endFraction: sheet.endFraction,
    ready: window.ready,
    past: window.past,
    atPull: {
      ...atPull.toHeat,
      sodiumMgPerPortion: atPull.ledger.sodiumMgPerPortion,
    },
  };
}
