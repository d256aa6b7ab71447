/**
 * Turns the reference CSV files into typed tables, and what is read of them into the words of the first language:
 * `npm run tables`. A test keeps them in step.
 */
import { readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import Papa from "papaparse";

const ROOM = "core/materials/tables";
const TABLES = path.join(import.meta.dirname, "../src", ROOM);
const WORDS = path.join(import.meta.dirname, "../src/words/en", ROOM);

type Row = Record<string, string>;

function readCsv(name: string): Row[] {
  const parsed = Papa.parse<Row>(readFileSync(path.join(TABLES, `${name}.csv`), "utf8"), {
    header: true,
    skipEmptyLines: true,
  });
  if (parsed.errors.length > 0)
    throw new Error(`${name}.csv row ${parsed.errors[0].row}: ${parsed.errors[0].message}`);
  return parsed.data;
}

function num(row: Row, column: string): number {
  const value = Number(row[column]);
  if (row[column] === "" || !Number.isFinite(value))
    throw new Error(`${row.id}: "${column}" must be a number, got "${row[column]}"`);
  return value;
}

/** Blank means unknown, never zero. */
const numOrNull = (row: Row, column: string) => (row[column] === "" ? null : num(row, column));
/** What is told by several columns, or by none of them that tells it alone. */
const allOrNull = (row: Row, columns: Record<string, string>) =>
  Object.values(columns).some((column) => row[column] === "")
    ? null
    : Object.fromEntries(Object.entries(columns).map(([key, column]) => [key, num(row, column)]));
const share = (row: Row, column: string) => Number((num(row, column) / 100).toPrecision(10));
const list = (text: string) => text.split(/[;,]\s*/).filter((item) => item !== "");

const standing = (row: Row) => ({
  provenance: row.provenance,
  fromMemory: row.from_memory === "yes",
  uncertainty: num(row, "uncertainty"),
});

const food = (r: Row) => ({
  id: r.id,
  name: r.name,
  group: r.group,
  kingdom: r.kingdom_group,
  form: r.form,
  flags: list(r.flags),
  pieceMassLowG: num(r, "piece_mass_low_g"),
  pieceMassG: num(r, "piece_mass_g"),
  pieceMassHighG: num(r, "piece_mass_high_g"),
  thicknessMm: num(r, "thickness_typical_mm"),
  saltPathMm: num(r, "diffusion_half_thickness_mm"),
  shape: r.shape,
  boneFraction: num(r, "bone_fraction"),
  edibleFraction: num(r, "edible_fraction"),
  skin: r.skin === "y",
  waterFraction: share(r, "water_pct_w_w"),
  nativeSaltFraction: share(r, "native_nacl_pct_w_w"),
  diffusivityLowM2PerS: num(r, "d_nacl_4c_low_m2_per_s"),
  diffusivityM2PerS: num(r, "d_nacl_4c_m2_per_s"),
  diffusivityHighM2PerS: num(r, "d_nacl_4c_high_m2_per_s"),
  diffusivitySource: r.d_source_class,
  safeMinC: numOrNull(r, "safe_min_c"),
  safeRestMin: numOrNull(r, "safe_rest_min"),
  safeSource: r.safe_source,
  targetC: num(r, "target_c"),
  acidMaxH: num(r, "acid_max_h"),
  servingLightG: num(r, "serving_light_g_per_person"),
  servingHeartyG: num(r, "serving_hearty_g_per_person"),
  allergens: list(r.allergens_eu14),
  ...standing(r),
});

const salt = (r: Row) => ({
  id: r.id,
  name: r.name,
  crystal: r.crystal,
  densityGPerMl: num(r, "density_g_per_ml"),
  densityLowGPerMl: num(r, "density_low_g_per_ml"),
  densityHighGPerMl: num(r, "density_high_g_per_ml"),
  naclFraction: share(r, "nacl_pct_w_w"),
  kclFraction: share(r, "kcl_pct_w_w"),
  sodiumFraction: num(r, "sodium_g_per_g"),
  dissolvingSpeed: r.dissolving_speed,
  dissolveSeconds: num(r, "dissolve_seconds_20c_stirred"),
  foodGrade: r.food_grade === "yes",
  fitWetBrine: r.fit_wet_brine,
  fitDryBrine: r.fit_dry_brine,
  fitSaltCrust: r.fit_salt_crust,
  gradeWetBrine: r.fit_wet_brine_grade,
  gradeDryBrine: r.fit_dry_brine_grade,
  gradeSaltCrust: r.fit_salt_crust_grade,
  flags: list(r.flags),
  ...standing(r),
});

const ingredient = (r: Row) => ({
  id: r.id,
  name: r.name,
  group: r.group,
  flags: list(r.flags),
  poured: r.poured === "y",
  densityGPerMl: numOrNull(r, "density_g_per_ml"),
  gEach: numOrNull(r, "g_each"),
  eachUnit: r.each_unit,
  juiceMlEach: numOrNull(r, "juice_ml_each"),
  waterFraction: share(r, "water_pct_w_w"),
  sodiumMgPer100g: num(r, "sodium_mg_per_100g"),
  saltFraction: share(r, "nacl_pct_w_w"),
  sugarFraction: share(r, "sugar_pct_w_w"),
  acidFraction: share(r, "acid_pct_w_w"),
  acidKind: r.acid_kind,
  ph: numOrNull(r, "ph_typical"),
  fatFraction: share(r, "fat_pct_w_w"),
  alcoholFraction: share(r, "alcohol_pct_w_w"),
  protease: r.protease,
  scoville: num(r, "scoville"),
  thickens: num(r, "thickens"),
  ...(r.unsalted_id && { unsaltedId: r.unsalted_id }),
  allergens: list(r.allergens_eu14),
  maybeAllergens: list(r.allergens_check_label_eu14),
  scorchC: numOrNull(r, "scorch_c"),
  ...standing(r),
});

const hazard = (r: Row) => ({
  id: r.id,
  title: r.title,
  severity: r.severity,
  safeAlternative: r.safe_alternative,
  source: r.source,
  deferTo: r.defer_to_authority,
  ...standing(r),
});

const practice = (r: Row) => ({
  id: r.id,
  method: r.method,
  foodClass: r.food_class,
  saltLowPct: numOrNull(r, "salt_low_pct_of_basis"),
  saltTypicalPct: numOrNull(r, "salt_typical_pct_of_basis"),
  saltHighPct: numOrNull(r, "salt_high_pct_of_basis"),
  minH: num(r, "soak_min_h"),
  typicalH: num(r, "soak_typical_h"),
  maxH: num(r, "soak_max_h"),
  crustSaltPct: numOrNull(r, "crust_salt_pct_of_food"),
  finish: r.rinse_school,
  ...standing(r),
});

const cookRule = (r: Row) => ({
  id: r.id,
  kind: r.rule_kind,
  foodClass: r.food_class,
  form: r.form,
  ovenC: num(r, "oven_c"),
  minutesPerKg: numOrNull(r, "minutes_per_kg"),
  fixedMinutes: numOrNull(r, "fixed_minutes"),
  minutesPer25Mm: numOrNull(r, "minutes_per_25mm"),
  targetC: numOrNull(r, "target_c"),
  carryOverC: allOrNull(r, { low: "carryover_low_c", likely: "carryover_rise_c", high: "carryover_high_c" }),
  restMin: numOrNull(r, "rest_typical_min"),
  glazeMin: allOrNull(r, { low: "glaze_low_min", high: "glaze_high_min" }),
  ...standing(r),
});

const oven = (r: Row) => ({
  id: r.id,
  name: r.name,
  ovenC: num(r, "conventional_c"),
  fanC: numOrNull(r, "fan_c"),
  gasMark: r.gas_mark,
  timeFactor: num(r, "time_factor_vs_180c"),
  ...standing(r),
});

/** What is made, and what stands in it. */
export interface Made {
  file: string;
  text: string;
}

/** A table's figures and codes, and its words apart. @param said the columns that are read, and decide nothing */
function table<T extends { id: string }>(
  name: string,
  type: string,
  rows: T[],
  said: (keyof T & string)[],
): Made[] {
  const columns = [...new Set(rows.flatMap(Object.keys))].filter(
    (column) => column !== "id" && !said.some((text) => text === column),
  );
  // What a row does not have has no text of its own: it is left empty in JSON, and undefined in the table.
  const lines = (columns: readonly string[]) =>
    rows.map((row) => {
      const cells = columns.map((column) => JSON.stringify(row[column as keyof T]) as string | undefined);
      return `  ${row.id}: [${cells.map(String).join(",")}],`;
    });
  const figures = [
    `// Made from the CSV beside it by \`npm run tables\`. Edit the CSV.`,
    `import { ${name} } from "@/words/${ROOM}/${name}";`,
    `import type { ${type} } from "../types";`,
    `import { tabled } from "./tabled";`,
    ``,
    `export const rows: readonly ${type}[] = tabled<${type}>()(`,
    `  ${JSON.stringify(said)}, ${name},`,
    `  ${JSON.stringify(columns)}, {`,
    ...lines(columns),
    `});`,
  ];
  const words = [
    `// Made from ${name}.csv by \`npm run tables\`. In another language it is written by hand, after this.`,
    `type Said = readonly [${said.map((column) => `${column}: string`).join(", ")}];`,
    ``,
    `export const ${name} = {`,
    ...lines(said),
    `} satisfies Record<string, Said>;`,
  ];
  return [
    { file: path.join(TABLES, `${name}.table.ts`), text: `${figures.join("\n")}\n` },
    { file: path.join(WORDS, `${name}.ts`), text: `${words.join("\n")}\n` },
  ];
}

/** Every generated table, with its words. */
export const buildTables = (): Made[] =>
  [
    table("foods", "Food", readCsv("foods").map(food), [
      "name",
      "diffusivitySource",
      "safeSource",
      "provenance",
    ]),
    table("salts", "Salt", readCsv("salts").map(salt), [
      "name",
      "crystal",
      "dissolvingSpeed",
      "fitWetBrine",
      "fitDryBrine",
      "fitSaltCrust",
      "provenance",
    ]),
    table("ingredients", "Ingredient", readCsv("ingredients").map(ingredient), [
      "name",
      "eachUnit",
      "provenance",
    ]),
    table("hazards", "Hazard", readCsv("hazards").map(hazard), [
      "title",
      "safeAlternative",
      "source",
      "deferTo",
      "provenance",
    ]),
    table("methods", "Practice", readCsv("methods").map(practice), ["foodClass", "finish", "provenance"]),
    table("doneness", "CookRule", readCsv("doneness").map(cookRule), ["foodClass", "form", "provenance"]),
    table("ovens", "OvenSetting", readCsv("ovens").map(oven), ["name", "provenance"]),
  ].flat();

if (process.argv[1]?.endsWith("build-tables.ts")) {
  for (const { file, text } of buildTables()) writeFileSync(file, text);
}
