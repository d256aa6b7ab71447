import { ofKey } from "@/core/own-key";
import { fahrenheitOf } from "@/core/quantity/american";
import type { MeasureSystem } from "@/core/quantity/spoons";
import { MASS_G, VOLUME_ML } from "@/core/quantity/units";
import { FOODS, INGREDIENTS, SALTS } from "@/core/materials/lookup";
import { rows as COOKING } from "@/core/materials/tables/doneness.table";
import { rows as HAZARDS } from "@/core/materials/tables/hazards.table";
import { rows as PRACTICE } from "@/core/materials/tables/methods.table";
import { rows as OVENS } from "@/core/materials/tables/ovens.table";
import { fixed, percent } from "@/ui/format";
import * as words from "@/words/stores/reference-tables";

export interface TableData {
  title: string;
  note: string;
  head: string[];
  rows: string[][];
  /** Of rows that formulas name: the kind, and each row's id. */
  named?: { kind: "salt" | "ingredient" | "food"; ids: string[] };
}

const standing = (row: { provenance: string; fromMemory: boolean; uncertainty: number }) =>
  `${row.provenance}${row.fromMemory ? words.fromMemory : ""} (± ${percent(row.uncertainty, 0)} %)`;

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
  density: words.gACup,
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
    title: words.salts,
    named: { kind: "salt", ids: SALTS.map((row) => row.id) },
    note: words.spoonDensitiesAreLevelAnd,
    head: [words.salt, c.density, words.gAUSTsp, "% NaCl", words.forACrust, words.whereFrom],
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
    title: words.ingredients,
    named: { kind: "ingredient", ids: INGREDIENTS.map((row) => row.id) },
    note: words.byWeightAcidIsTitratable,
    head: [
      words.ingredient,
      c.density,
      words.waterPercent,
      words.saltPercent,
      words.sugarPercent,
      words.acidPercent,
      "pH",
      words.fatPercent,
      words.whereFrom,
    ],
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
    title: words.foods,
    named: { kind: "food", ids: FOODS.map((row) => row.id) },
    note: words.sizesAreOffersWhatYou,
    head: [words.food, words.waterPercent, words.ownSalt, "D, 10⁻¹⁰ m²/s", words.whereFrom],
    rows: FOODS.map((f) => [
      f.name,
      share(f.waterFraction, 0),
      percent(f.nativeSaltFraction),
      `${fixed(f.diffusivityM2PerS * 1e10, 1)} (${fixed(f.diffusivityLowM2PerS * 1e10, 1)}–${fixed(f.diffusivityHighM2PerS * 1e10, 1)})`,
      standing(f),
    ]),
  },
  {
    title: words.practiceByMethod,
    note: words.howTheTradeDosesAnd,
    head: [words.method, words.forWhat, words.saltPercent, words.hours, words.atTheEnd, words.whereFrom],
    rows: PRACTICE.map((m) => [
      ofKey<string>(words.methods, m.method) ?? m.method,
      m.foodClass,
      orDash(m.saltTypicalPct, 1),
      `${m.minH}–${m.maxH}`,
      m.finish,
      standing(m),
    ]),
  },
  {
    title: words.cookingRules,
    note: words.minutesByWeightOrThickness,
    head: [
      words.rule,
      words.forWhat,
      words.oven(c.temperature),
      c.minutesByMass,
      c.minutesByDepth,
      words.restMin,
      words.whereFrom,
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
    title: words.ovens,
    note: words.timeOverThatAt180,
    head: [
      words.setting,
      c.temperature,
      words.fan(c.temperature),
      words.gas,
      words.timeTimes,
      words.whereFrom,
    ],
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
    title: words.hazards,
    note: words.whatTheCautionsSayAnd,
    head: [words.hazard, words.instead, words.goesBefore, words.whereFrom],
    rows: HAZARDS.map((h) => [h.title, h.safeAlternative, h.deferTo, standing(h)]),
  },
];
