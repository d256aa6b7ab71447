import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import sharp from "sharp";
import { openDatabase } from "../database";
import { chops } from "@/core/formula/formulation.fixture";
import { createFormula } from "../formulas";
import { archiveOf, contents, freshFile, fullKitchen, NOW } from "../safekeeping/kitchens.fixture";
import { listSnapshots, snapshotFolder } from "../safekeeping/snapshots";
import { readArchive, takeArchiveIn } from "./archive";

const into = (file: string, bytes: Uint8Array, replace = false) => {
  const db = openDatabase(file);
  return { db, done: takeArchiveIn(db, file, bytes, { replace, nowMs: NOW }) };
};

test("out, and into an empty kitchen: equal to the last byte, photos too", async () => {
  const { db } = await fullKitchen();
  const copy = into(freshFile(), await archiveOf(db, NOW));
  expect(await copy.done).toBeNull();
  expect(contents(copy.db)).toEqual(contents(db));
  expect(await archiveOf(copy.db, NOW)).toEqual(await archiveOf(db, NOW));
});

test("into a kitchen in use only when asked, and that one is kept", async () => {
  const { db } = await fullKitchen();
  const bytes = await archiveOf(db, NOW);
  const file = freshFile();
  const other = openDatabase(file);
  createFormula(other, chops({ name: "Mine" }), "", NOW);
  const before = contents(other);
  await expect(takeArchiveIn(other, file, bytes, { replace: false, nowMs: NOW })).rejects.toThrow("in use");
  expect(contents(other)).toEqual(before);
  const old = await takeArchiveIn(other, file, bytes, { replace: true, nowMs: NOW });
  expect(contents(other)).toEqual(contents(db));
  expect(contents(openDatabase(old ?? ""))).toEqual(before);
});

describe("what is no archive is refused, and nothing is changed", () => {
  const changed = async (change: (files: Record<string, Uint8Array>) => void): Promise<Uint8Array> => {
    const { db } = await fullKitchen();
    const files = unzipSync(await archiveOf(db, NOW));
    change(files);
    return zipSync(files, { level: 1 });
  };
  const photoOf = (files: Record<string, Uint8Array>) =>
    Object.keys(files).find((n) => n.startsWith("photos/")) ?? "";

  /** Twenty megabytes of nothing, said by the zip's directory to be of another size. */
  const saidToBe = (bytes: number): Uint8Array => {
    const zip = Buffer.from(zipSync({ "kitchen.json": new Uint8Array(20 * 1024 * 1024) }, { level: 1 }));
    zip.writeUInt32LE(bytes, zip.indexOf("PK\u0001\u0002", 0, "latin1") + 24);
    return zip;
  };

  test.each<[string, () => Uint8Array | Promise<Uint8Array>, string]>([
    ["a text", () => strToU8("hello"), "zip"],
    ["nothing", () => new Uint8Array(), "zip"],
    ["an empty zip", () => zipSync({}), "kitchen.json is missing"],
    ["a way out of the folder", () => changed((f) => (f["../../etc/passwd"] = strToU8("x"))), "no business"],
    ["an absolute name", () => changed((f) => (f["/etc/cron.d/x"] = strToU8("x"))), "no business"],
    ["a table that is missing", () => changed((f) => delete f["tables/formulas.json"]), "missing"],
    [
      "rows that are missing",
      () => changed((f) => (f["tables/formulas.json"] = strToU8("[]"))),
      "rows missing",
    ],
    [
      "JSON that does not read",
      () => changed((f) => (f["tables/formulas.json"] = strToU8("[{"))),
      "does not read as JSON",
    ],
    [
      "a row with a wrong field, which is named",
      () =>
        changed((f) => {
          const rows = JSON.parse(strFromU8(f["tables/batches.json"])) as Record<string, unknown>[];
          rows[1].startedAtMs = "yesterday";
          f["tables/batches.json"] = strToU8(JSON.stringify(rows));
        }),
      "Row 2 of tables/batches.json does not read (startedAtMs)",
    ],
    [
      "JSON nested without end",
      () => changed((f) => (f["tables/formulas.json"] = strToU8("[".repeat(1e6)))),
      "does not read as JSON",
    ],
    [
      "a newer version",
      () => changed((f) => (f["kitchen.json"] = strToU8('{"format":"iron-crock.kitchen","version":2}'))),
      "version 1",
    ],
    [
      "a script for a photo",
      () => changed((f) => (f[photoOf(f)] = strToU8("<svg onload='x'/>"))),
      "plain JPEG",
    ],
    ["a bomb", () => saidToBe(600 * 1024 * 1024), "larger than any kitchen"],
    ["a bomb that says it is small", () => saidToBe(10), "read"],
  ])(
    "%s",
    async (_, make, says) => {
      const bytes = await make();
      const file = freshFile();
      const { db } = await fullKitchen(file);
      const before = contents(db);
      await expect(takeArchiveIn(db, file, bytes, { replace: true, nowMs: NOW })).rejects.toThrow(says);
      expect(contents(db)).toEqual(before);
      expect(listSnapshots(snapshotFolder(file))).toEqual([]);
    },
    30_000,
  );

  test("a photo that tells where it was taken", async () => {
    const telling = await sharp({ create: { width: 9, height: 9, channels: 3, background: "red" } })
      .withExif({ IFD0: { Copyright: "somebody" } })
      .jpeg()
      .toBuffer();
    const bytes = await changed((f) => (f[photoOf(f)] = new Uint8Array(telling)));
    await expect(readArchive(bytes)).rejects.toThrow("plain JPEG");
  });
});
