import fc from "fast-check";
import { outcomeAt } from "@/core/formula/account/outcome";
import { chops, worked } from "@/core/formula/formulation.fixture";
import { withPreparation } from "@/core/formula/offer/offered";
import { INGREDIENTS } from "@/core/materials/lookup";
import { tableOf } from "./table";
import { LEDGER, RECORD, SHEET, ledgerCsv, recordCsv, sheetCsv } from "./tables";

const DECIMALS = ["point", "comma"] as const;
const ANY = tableOf({
  name: "text",
  mass_g: "figure",
  score: "figureOrNone",
  optional: "yesNo",
  allergens: "words",
  at_utc: "instant",
} as const);

const cell = fc
  .oneof(fc.string(), fc.constantFrom("=1+1", "1,5", "1;5", '"', "-3", "a\nb", "'=x"))
  // A break of one kind only: how a file ends its lines is not told by a cell.
  .filter((t) => !t.includes("\r"));
const row = fc.record({
  name: cell.filter((t) => t.trim() !== ""),
  mass_g: fc.double({ noNaN: true, noDefaultInfinity: true }).map((x) => x + 0),
  score: fc.option(fc.double({ min: -2, max: 2, noNaN: true }).map((x) => x + 0)),
  optional: fc.boolean(),
  allergens: fc.array(fc.stringMatching(/^[a-z_]{1,8}$/), { maxLength: 3 }),
  at_utc: fc.integer({ min: Date.UTC(2020, 0, 1), max: Date.UTC(2100, 0, 1) }),
});

test.each(DECIMALS)("a table of every kind of column comes back as it was: %s", (decimal) =>
  fc.assert(
    fc.property(fc.array(row, { maxLength: 12 }), (rows) => {
      // In the other style a text that looks like a figure of it is one: names are not written so.
      const told = rows.map((r) => (/^-?\d+,\d+$/.test(r.name) ? { ...r, name: "x" } : r));
      expect(ANY.read(ANY.write(told, decimal))).toEqual(told);
    }),
  ),
);

test("figures stand with their own sign, cells between their own", () => {
  const one = {
    name: "salt",
    mass_g: 1.5,
    score: null,
    optional: false,
    allergens: [],
    at_utc: Date.UTC(2026, 0, 2),
  };
  expect(ANY.write([one])).toBe(
    "name,mass_g,score,optional,allergens,at_utc\r\nsalt,1.5,,no,,2026-01-02T00:00:00.000Z",
  );
  expect(ANY.write([one], "comma")).toBe(
    "name;mass_g;score;optional;allergens;at_utc\r\nsalt;1,5;;no;;2026-01-02T00:00:00.000Z",
  );
});

test.each([
  [
    "a figure that is none",
    "name,mass_g,score,optional,allergens,at_utc\nx,much,,no,,2026-01-02T00:00Z",
    "Row 2: mass_g is a plain figure",
  ],
  ["a head that is missing", "name,score,optional,allergens,at_utc\nx,,no,,2026-01-02T00:00Z", "mass_g"],
  [
    "neither yes nor no",
    "name,mass_g,score,optional,allergens,at_utc\nx,1,,maybe,,2026-01-02T00:00Z",
    "optional is yes or no",
  ],
  ["a day alone", "name,mass_g,score,optional,allergens,at_utc\nx,1,,no,,2026-01-02", "at_utc is a time"],
])("%s is refused by row and head", (_, csv, says) => expect(() => ANY.read(csv)).toThrow(says));

describe.each(DECIMALS)("what a kitchen writes, read back: %s", (decimal) => {
  test.each(["dry", "equilibrium", "marinade", "crust"] as const)(
    "weigh-out and ledger of a %s",
    (choice) => {
      const sheet = worked(withPreparation(chops(), choice));
      const lines = [...sheet.lines, ...sheet.companions];
      const read = SHEET.read(sheetCsv(lines, decimal));
      expect(read.map((r) => [r.id, r.mass_g, r.salt_g, r.optional])).toEqual(
        lines.map((l) => [l.id, l.massG, l.naclG, l.optional]),
      );
      const { ledger } = outcomeAt(sheet, 24, 4);
      const salt = LEDGER.read(ledgerCsv(ledger, decimal));
      const sum = (side: string) => salt.filter((r) => r.side === side).reduce((s, r) => s + r.salt_g, 0);
      expect(sum("from")).toBeCloseTo(sum("to"), 6);
      expect(salt).toHaveLength(ledger.sources.length + ledger.ends.length);
    },
  );

  test("the record", () => {
    const batch = {
      id: "b",
      name: "Loin; salted, twice",
      foodId: "pork_loin_bonein",
      kind: "wetBrine",
      startedAtMs: Date.UTC(2026, 10, 20, 18),
      plannedLiftAtMs: Date.UTC(2026, 10, 21, 18),
      liftedAtMs: Date.UTC(2026, 10, 21, 19),
      targetFraction: 0.0145,
      saltScore: null,
    };
    expect(RECORD.read(recordCsv([batch], "Europe/London", decimal))).toEqual([
      expect.objectContaining({
        name: batch.name,
        went_in_utc: batch.startedAtMs,
        lifted_local: "2026-11-21 19:00:00",
        salt_wanted_fraction: 0.0145,
        salt_judged_steps: null,
      }),
    ]);
  });
});

test("every head says its unit, and no allergen has a blank that would part it", () => {
  for (const { heads } of [SHEET, LEDGER, RECORD])
    for (const head of heads)
      if (/mass|salt|length/.test(head)) expect(head).toMatch(/_(?:g|fraction|steps|min)$/);
  const one = INGREDIENTS.find((i) => i.allergens.length > 0);
  expect(
    one?.allergens
      .map((a) => a.replaceAll(" ", "_"))
      .join(" ")
      .split(" "),
  ).toHaveLength(one?.allergens.length ?? 0);
});
