import fc from "fast-check";
import { chops } from "@/core/formula/formulation.fixture";
import { loadBatch } from "../../batch-views";
import { startBatch } from "../../batches";
import { openDatabase } from "../../database";
import { addReading } from "../../readings";
import { allSamples, keepReadings, keepSample } from "../../samples";
import { readReadings, readingsCsv } from "./readings";
import { cellText, csvOf, plainCell, rowsOf } from "./table";

const NOW = Date.UTC(2026, 10, 27, 20);
const HOUR = 3_600_000;

test("any text comes back from a cell, and none begins a formula in it", () =>
  fc.assert(
    fc.property(
      fc.oneof(fc.string(), fc.constantFrom("=1+1", "'=x", "@sum", "-5", "+", "\tx", "''@")),
      (text) => {
        expect(cellText(plainCell(text))).toBe(text);
        expect(plainCell(text)).not.toMatch(/^[=+\-@\t\r]/);
      },
    ),
  ));

test("a table comes back as it was, figures to the last digit", () =>
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          what: fc.string({ minLength: 1 }).filter((t) => t.trim() !== "" && !t.includes("\r")),
          grams: fc.double({ noNaN: true, noDefaultInfinity: true }),
        }),
        { minLength: 1, maxLength: 20 },
      ),
      (rows) => {
        const read = rowsOf(csvOf(rows, ["what", "grams"]));
        // A figure below nought goes out as a figure; CSV knows no minus zero.
        expect(read.map((r) => ({ what: r.what, grams: Number(r.grams) }))).toEqual(
          rows.map((r) => ({ ...r, grams: r.grams + 0 })),
        );
      },
    ),
  ));

test.each([
  ["an open quote", 'what,grams\na,1\n"b,2', "Row 3 does not read"],
  ["an open quote among the heads", '"what,grams\na,1', "Row 1 does not read"],
  ["a head twice", "what,what\na,b", "“what” stands there twice"],
  ["a row too many", `what\n${"a\n".repeat(400_001)}`, "At most 400000 rows"],
])("%s is refused", (_, csv, says) => expect(() => rowsOf(csv)).toThrow(says));

test("as many rows as may be are read; lines with nothing on them are none", () => {
  expect(rowsOf(`what\n\n${"a\n , \n".repeat(3)}`)).toHaveLength(3);
  expect(rowsOf(`what\n${"a\n".repeat(400_000)}`)).toHaveLength(400_000);
  expect(rowsOf("")).toEqual([]);
});

describe("readings", () => {
  const wet = () => {
    const db = openDatabase(":memory:");
    const startAtMs = NOW - 10 * HOUR;
    const { id } = startBatch(
      db,
      { formulaId: null, formulation: chops(), startAtMs, acknowledgements: [] },
      startAtMs,
    );
    return { db, id };
  };

  test("out of one batch and into another: the same", () => {
    const { db, id } = wet();
    addReading(db, id, { atMs: NOW - HOUR, reading: { kind: "weight", beforeG: 1000, afterG: 1031.5 } }, NOW);
    addReading(
      db,
      id,
      { atMs: NOW - 2 * HOUR, reading: { kind: "bathStrength", saltFraction: 0.0123 } },
      NOW,
    );
    for (let i = 0; i < 5; i++)
      keepSample(db, id, { channel: "fridge", atMs: NOW - HOUR + i * 1000, value: 3 + i / 7 }, NOW);
    const csv = readingsCsv(loadBatch(db, id), allSamples(db, id));

    const other = wet();
    expect(keepReadings(other.db, other.id, csv, NOW)).toEqual({ kept: 7 });
    const bare = (b: ReturnType<typeof loadBatch>) =>
      b.readings.map(({ atMs, reading }) => ({ atMs, reading }));
    expect(bare(loadBatch(other.db, other.id))).toEqual(bare(loadBatch(db, id)));
    expect(allSamples(other.db, other.id)).toEqual(allSamples(db, id));
    // Read in twice, kept once.
    keepReadings(other.db, other.id, csv, NOW);
    expect(readingsCsv(loadBatch(other.db, other.id), allSamples(other.db, other.id))).toBe(csv);
  });

  test.each([
    ["a time that is none", "at_utc,what,value\nyesterday,fridge,3", "Row 2"],
    ["an unknown instrument", "at_utc,what,value\n2026-11-27T20:00:00Z,sundial,3", "channel"],
    ["a figure that is none", "at_utc,what,value\n2026-11-27T20:00:00Z,fridge,cold", "value"],
    ["an open quote", 'at_utc,what,value\n"2026-11-27T20:00:00Z,fridge,3', "Row"],
  ])("%s is refused with its row", (_, csv, says) => expect(() => readReadings(csv)).toThrow(says));

  test("one bad row, and none is kept", () => {
    const { db, id } = wet();
    const csv = `at_utc,what,value\n${new Date(NOW - HOUR).toISOString()},fridge,3\nnever,fridge,3`;
    expect(() => keepReadings(db, id, csv, NOW)).toThrow("Row 3");
    expect(allSamples(db, id)).toEqual([]);
  });
});
