import { preparationOffered } from "../formula/defaults";
import { chops, worked } from "../formula/formulation.fixture";
import type { Formulation } from "../formula/model";
import { outcomeAt } from "../formula/outcome";
import { findingsFor, RULES } from "./findings";

function findings(input: Formulation) {
  const sheet = worked(input);
  return findingsFor({ input, sheet, atPull: outcomeAt(sheet, input.pullH, input.portions) });
}

const base = chops();
const holding = (part: Partial<Formulation["holding"]>) => ({
  ...base,
  holding: { ...base.holding, ...part },
});
const vessel = (part: Partial<Formulation["vessel"]>) => ({ ...base, vessel: { ...base.vessel, ...part } });
const pieces = (part: Partial<Formulation["pieces"]>) => ({ ...base, pieces: { ...base.pieces, ...part } });
const timed = (saltFraction: number): Formulation["preparation"] => ({
  kind: "wetBrine",
  school: "timed",
  strength: { basis: "percent", saltFraction },
  targetFraction: 0.014,
});

test("a sound brine in a fridge draws no stop and no caution", () => {
  expect(findings({ ...base, pullH: 20 }).filter((f) => f.severity !== "tip")).toEqual([]);
});

describe("each rule fires on its own trigger", () => {
  test.each<[string, string, Formulation]>([
    ["brine_room_temp", "stop", holding({ place: "counter", temperatureC: 18 })],
    ["fridge_too_warm", "stop", holding({ temperatureC: 7 })],
    ["hot_brine", "stop", holding({ brineStartC: 40 })],
    ["cooler_ice_melt", "caution", holding({ place: "cooler", temperatureC: 3 })],
    ["raw_storage", "caution", { ...base, foodId: "duck_breast", pieces: { ...base.pieces }, pullH: 60 }],
    [
      "scombroid",
      "caution",
      { ...base, foodId: "mackerel_fillet", pieces: { ...base.pieces, count: 9, thicknessMm: 16 } },
    ],
    ["over_salted", "caution", { ...base, preparation: timed(0.2), pullH: 40 }],
    ["overlong_soak", "caution", { ...base, pullH: 90 }],
    ["double_salt", "caution", { ...pieces({ enhanced: { solutionFraction: 0.1, sodiumMgPer100g: 400 } }) }],
    [
      "volume_measured_salt",
      "caution",
      {
        ...base,
        preparation: {
          kind: "wetBrine",
          school: "timed",
          strength: { basis: "cups", cups: 1, per: "litre" },
          targetFraction: 0.014,
        },
      },
    ],
    ["sodium_restricted", "caution", { ...base, portions: 1 }],
    ["potassium_salt", "caution", { ...base, saltId: "low_sodium_half" }],
    ["non_food_salt", "stop", { ...base, saltId: "rock_salt_nonfood" }],
    ["reactive_metal", "stop", vessel({ material: "aluminium" })],
    ["reactive_metal", "stop", vessel({ material: "bare_iron" })],
    ["non_food_bucket", "stop", vessel({ material: "unknown_plastic" })],
    ["not_submerged", "caution", { ...base, water: { mode: "chosen", massG: 200 } }],
    ["may_float", "tip", { ...vessel({ plate: false }), water: { mode: "toCover" } }],
    ["pan_overflow", "caution", { ...base, water: { mode: "chosen", massG: 9000 } }],
    ["washing_poultry", "caution", { ...holding({ before: "rinse" }), foodId: "duck_breast" }],
    ["under_min_temp", "caution", { ...base, cook: { toC: 55, minutes: 30, restMin: 5 } }],
    ["curing_salts", "stop", { ...base, notes: "add a pinch of pink cure" }],
    [
      "fridge_drip",
      "caution",
      { ...holding({ covered: false }), preparation: preparationOffered("dry", 0.012) },
    ],
  ])("%s (%s)", (id, severity, input) => {
    expect(findings(input)).toContainEqual(expect.objectContaining({ id, severity }));
  });

  test("more salt than cold water dissolves", () => {
    const strong: Formulation = {
      ...base,
      preparation: timed(0.26),
      holding: { ...base.holding, temperatureC: -3 },
    };
    // 26 % is just under saturation at fridge warmth: by the cup it can be passed.
    const cups: Formulation["preparation"] = {
      kind: "wetBrine",
      school: "timed",
      strength: { basis: "cups", cups: 2, per: "litre" },
      targetFraction: 0.014,
    };
    expect(findings({ ...strong, saltId: "table_fine", preparation: cups })).toContainEqual(
      expect.objectContaining({ id: "undissolved" }),
    );
  });
});

test("stops come before cautions, cautions before tips", () => {
  const order = findings({
    ...holding({ temperatureC: 9 }),
    pullH: 90,
    vessel: { ...base.vessel, plate: false },
  });
  const rank = { stop: 0, caution: 1, tip: 2 };
  const ranks = order.map((f) => rank[f.severity]);
  expect(ranks).toEqual([...ranks].sort());
  expect(ranks[0]).toBe(0);
});

test("pink rock salt is no curing salt, and its name draws no stop", () => {
  expect(findings({ ...base, saltId: "pink_rock_fine" }).filter((f) => f.id === "curing_salts")).toEqual([]);
});

test("every rule says what to do instead, where it comes from and whose word goes first; ids are one of a kind", () => {
  for (const rule of RULES) {
    for (const text of [rule.title, rule.because, rule.instead, rule.source, rule.deferTo])
      expect(text.length).toBeGreaterThan(4);
  }
  expect(new Set(RULES.map((r) => r.id)).size).toBe(RULES.length);
});

test("every place in a message is filled by the rule that speaks it", () => {
  const all = [
    holding({ place: "counter", temperatureC: 18, brineStartC: 40, before: "rinse" }),
    vessel({ material: "copper" }),
    { ...base, pullH: 90, portions: 1, saltId: "low_sodium_half" },
  ].flatMap(findings);
  for (const finding of all)
    for (const [, place] of finding.because.matchAll(/\{\{(\w+)\}\}/g))
      expect(finding.data).toHaveProperty(place);
});
