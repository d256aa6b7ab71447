import { fahrenheitOf } from "@/core/quantity/american";
import type { MeasureSystem } from "@/core/quantity/spoons";
import { MASS_G, VOLUME_ML } from "@/core/quantity/units";
import { FOODS, INGREDIENTS, SALTS } from "@/core/materials/lookup";
import { rows as COOKING } from "@/core/materials/tables/doneness.table";
import { rows as HAZARDS } from "@/core/materials/tables/hazards.table";
import { rows as PRACTICE } from "@/core/materials/tables/methods.table";
import { rows as OVENS } from "@/core/materials/tables/ovens.table";
import { fixed, percent } from "@/ui/format";

export interface TableData {
  title: string;
  note: string;
  head: string[];
  rows: string[][];
  /** Of rows that formulas name: the kind, and each row's id. */
  named?: { kind: "salt" | "ingredient" | "food"; ids: string[] };
}

const standing = (row: { provenance: string; fromMemory: boolean; uncertainty: number }) =>
  `${row.provenance}${row.fromMemory ? ", from memory" : ""} (± ${percent(row.uncertainty, 0)} %)`;

const orDash = (value: number | null, digits = 0) => (value === null ? "–" : fixed(value, digits));
const share = (value: number, digits = 1) => percent(value, digits);

/** How the columns of a kitchen's own measures are headed, and filled. */
interface Columns {
  temperature: string;
  density: string;
  minutesByMass: string;
  minutesByDepth: string;
  celsius: (value: number) => string;
  packed: (gPerMl: number | null) => string;
  byMass: (minutesPerKg: number | null) => string;
}

const METRIC: Columns = {
  temperature: "°C",
  density: "g/mL",
  minutesByMass: "min/kg",
  minutesByDepth: "min/25 mm",
  celsius: (value) => fixed(value, 0),
  packed: (gPerMl) => orDash(gPerMl, 2),
  byMass: (perKg) => orDash(perKg),
};

/** What 25 mm take, an inch takes: they differ by a sixtieth. */
const AMERICAN: Columns = {
  temperature: "°F",
  density: "g a cup",
  minutesByMass: "min/lb",
  minutesByDepth: "min/in",
  celsius: (value) => fixed(fahrenheitOf(value), 0),
  packed: (gPerMl) => (gPerMl === null ? "–" : fixed(gPerMl * VOLUME_ML.us_cup, 0)),
  byMass: (perKg) => (perKg === null ? "–" : fixed((perKg * MASS_G.lb) / 1000, 0)),
};

/** The tables the sums stand on, every row with where it comes from. @param told texts in this kitchen's measures */
export function tablesFor(measures: MeasureSystem, told: (text: string) => string): TableData[] {
  const c = measures === "us" ? AMERICAN : METRIC;
  return tablesIn(c).map((table) => ({
    ...table,
    note: told(table.note),
    rows: table.rows.map((row) => row.map(told)),
  }));
}

const tablesIn = (c: Columns): TableData[] => [
  {
    title: "Salts",
    named: { kind: "salt", ids: SALTS.map((row) => row.id) },
    note: "Spoon densities are level and unpacked. Weigh if you can.",
    head: ["Salt", c.density, "g a US tsp", "% NaCl", "For a crust", "Where from"],
    rows: SALTS.map((s) => [
      s.name,
      c.packed(s.densityGPerMl),
      fixed(s.densityGPerMl * 4.92892, 1),
      share(s.naclFraction),
      s.fitSaltCrust,
      standing(s),
    ]),
  },
  {
    title: "Ingredients",
    named: { kind: "ingredient", ids: INGREDIENTS.map((row) => row.id) },
    note: "By weight. Acid is titratable, as its own kind; pH of dry spices, herbs and oils is a placeholder.",
    head: ["Ingredient", c.density, "water %", "salt %", "sugar %", "acid %", "pH", "fat %", "Where from"],
    rows: INGREDIENTS.map((i) => [
      i.name,
      c.packed(i.densityGPerMl),
      share(i.waterFraction, 0),
      share(i.saltFraction, 2),
      share(i.sugarFraction, 0),
      i.acidFraction > 0 ? `${share(i.acidFraction)} ${i.acidKind}` : "–",
      orDash(i.ph, 1),
      share(i.fatFraction, 0),
      standing(i),
    ]),
  },
  {
    title: "Foods",
    named: { kind: "food", ids: FOODS.map((row) => row.id) },
    note: "Sizes are offers: what you measure decides. D is salt's diffusivity in the flesh at 4 °C, uncertain by a factor of about two.",
    head: ["Food", "water %", "own salt %", "D, 10⁻¹⁰ m²/s", "Where from"],
    rows: FOODS.map((f) => [
      f.name,
      share(f.waterFraction, 0),
      percent(f.nativeSaltFraction),
      `${fixed(f.diffusivityM2PerS * 1e10, 1)} (${fixed(f.diffusivityLowM2PerS * 1e10, 1)}–${fixed(f.diffusivityHighM2PerS * 1e10, 1)})`,
      standing(f),
    ]),
  },
  {
    title: "Practice by method",
    note: "How the trade doses and how long it waits; check values and defaults, never a promise.",
    head: ["Method", "For", "salt %", "hours", "At the end", "Where from"],
    rows: PRACTICE.map((m) => [
      m.method.replaceAll("_", " "),
      m.foodClass,
      orDash(m.saltTypicalPct, 1),
      `${m.minH}–${m.maxH}`,
      m.finish,
      standing(m),
    ]),
  },
  {
    title: "Cooking rules",
    note: "Minutes by weight or thickness, carry-over, when to glaze. The thermometer decides.",
    head: [
      "Rule",
      "For",
      `oven ${c.temperature}`,
      c.minutesByMass,
      c.minutesByDepth,
      "rest min",
      "Where from",
    ],
    rows: COOKING.map((r) => [
      r.form,
      r.foodClass,
      c.celsius(r.ovenC),
      c.byMass(r.minutesPerKg),
      orDash(r.minutesPer25Mm),
      orDash(r.restMin),
      standing(r),
    ]),
  },
  {
    title: "Ovens",
    note: "Time over that at 180 °C.",
    head: ["Setting", c.temperature, `fan ${c.temperature}`, "gas", "time ×", "Where from"],
    rows: OVENS.map((o) => [
      o.name,
      c.celsius(o.ovenC),
      o.fanC === null ? "–" : c.celsius(o.fanC),
      o.gasMark || "–",
      fixed(o.timeFactor, 2),
      standing(o),
    ]),
  },
  {
    title: "Hazards",
    note: "What the cautions say, and whose word goes before them.",
    head: ["Hazard", "Instead", "Goes before", "Where from"],
    rows: HAZARDS.map((h) => [h.title, h.safeAlternative, h.deferTo, standing(h)]),
  },
];
