import fc from "fast-check";
import type { Formulation, FormulaLine, SaltGiven } from "../formulation";
import { FOODS, INGREDIENTS, SALTS } from "../materials/lookup";
import { PREPARATION_CHOICES } from "../preparations";
import { newFormulation, piecesOffered, preparationOffered } from "./offer/defaults";
import { RANGES } from "../quantity/ranges";

/* Formulations of all kinds, within what the contract takes; for laws that hold of every one. */

const within = ({ min, max }: { min: number; max: number }, unit = 1) =>
  fc.double({ min: min * unit, max: max * unit, noNaN: true });
const of = <T extends { id: string }>(rows: readonly T[]) => fc.constantFrom(...rows.map((r) => r.id));
/** What cooks write, and what breaks files: quotes, fences, commas, other scripts. */
const text = (maxLength: number) =>
  fc.oneof(
    fc.string({ maxLength }),
    fc.string({ unit: "grapheme", maxLength: Math.floor(maxLength / 12) }),
    fc.constantFrom(
      "```json iron-crock\n{}\n```",
      '"=1+1",\n',
      "</script><b>x</b>",
      "# H\n> q | a",
      "it's ½ o’clock",
    ),
  );

const line: fc.Arbitrary<FormulaLine> = fc.record(
  {
    ingredientId: of(INGREDIENTS),
    amountG: within({ min: 0, max: 200 }),
    scalesWith: fc.constantFrom("foodMass", "surface", "bath", "salt", "piece", "batch"),
    optional: fc.boolean(),
    off: fc.boolean(),
    where: fc.constantFrom("underSkin", "cavity", "overUnder", "inSalt", "tray"),
  },
  { requiredKeys: ["ingredientId", "amountG", "scalesWith", "optional"] },
);

const companion: fc.Arbitrary<NonNullable<Formulation["companions"]>[number]> = fc.record(
  {
    kind: fc.constantFrom(
      "glaze",
      "butter",
      "baste",
      "sauce",
      "dressing",
      "bed",
      "coat",
      "drizzle",
      "salting",
    ),
    when: fc.constantFrom("beforeHeat", "inHeat", "afterHeat", "atTable"),
    name: text(40).map((t) => t.trim()),
    lines: fc.array(
      line.map(({ ingredientId, amountG, optional }) => ({
        ingredientId,
        amountG,
        scalesWith: "foodMass" as const,
        optional,
      })),
      { maxLength: 3 },
    ),
    lastMin: within(RANGES.bakeMin),
    leftover: fc.constantFrom("boiled", "asIs"),
  },
  { requiredKeys: ["kind", "name", "lines"] },
);

const given: fc.Arbitrary<SaltGiven> = fc.oneof(
  fc.constantFrom<SaltGiven>({ mode: "wanted" }, { mode: "none" }),
  within(RANGES.givenPercent, 0.01).map((fraction) => ({ mode: "percent" as const, fraction })),
  within({ min: 0, max: 200 }).map((massG) => ({ mode: "grams" as const, massG })),
  within({ min: 0, max: 100 }).map((volumeMl) => ({ mode: "measure" as const, volumeMl })),
  within(RANGES.pinches).map((count) => ({ mode: "pinch" as const, count, eachG: 0.35 })),
);

export const formulations: fc.Arbitrary<Formulation> = fc
  .record({
    food: fc.constantFrom(...FOODS),
    choice: fc.constantFrom(...PREPARATION_CHOICES),
    target: within(RANGES.targetPercent, 0.01),
    name: text(80)
      .map((t) => t.trim())
      .filter((t) => t !== ""),
    notes: text(200),
    count: fc.integer({ min: 1, max: 40 }),
    salt: given,
    skinOff: fc.option(fc.boolean(), { nil: undefined }),
    saltId: of(SALTS.filter((s) => s.foodGrade)),
    lines: fc.array(line, { maxLength: 6 }),
    companions: fc.option(fc.array(companion, { maxLength: 2 }), { nil: undefined }),
    pullH: within(RANGES.pullH),
    portions: fc.integer(RANGES.portions),
    sugarPerSalt: within(RANGES.sugarPerSalt),
    cook: fc.option(
      fc.record(
        {
          toC: within(RANGES.cookC),
          minutes: within(RANGES.cookMin),
          restMin: within(RANGES.restMin),
          ovenC: within(RANGES.ovenC),
        },
        { requiredKeys: ["toC", "minutes", "restMin"] },
      ),
      { nil: undefined },
    ),
    still: fc.option(fc.boolean(), { nil: undefined }),
    // Of pieces with two thicknesses: the thin one over the thick, and how much of the weight it is.
    thin: fc.option(fc.tuple(within({ min: 0.3, max: 1 }), within({ min: 0.05, max: 0.94 })), {
      nil: undefined,
    }),
  })
  .map(({ food, choice, target, count, companions, cook, still, skinOff, thin, ...rest }) => ({
    ...newFormulation(food),
    pieces: {
      ...piecesOffered(food, count),
      totalMassG: Math.min(food.pieceMassG * count, 200_000),
      ...(thin && {
        thin: { thicknessMm: Math.max(RANGES.thicknessMm.min, thin[0] * food.thicknessMm), share: thin[1] },
      }),
    },
    preparation: preparationOffered(choice, target),
    ...rest,
    ...(skinOff !== undefined && { skinOff }),
    ...(companions && { companions }),
    ...(cook && { cook }),
    holding: { ...newFormulation(food).holding, ...(still !== undefined && { still }) },
  }));
