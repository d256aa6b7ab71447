import sharp from "sharp";
import { sampleRequest } from "@/contracts/work";
import { chops } from "@/core/formula/formulation.fixture";
import { loadBatch } from "./batch-views";
import { startBatch } from "./batches";
import { liftBatch } from "./taken-out";
import { openDatabase, type Db } from "./database";
import { attachInstrument, takeSamples } from "./instruments";
import { keepPhoto, listPhotos, loadPhoto, removePhoto } from "./photos";
import { setPan } from "./scale";
import { confirmAct, judgeBatch, keepWeight, loadWork, scaleLines, setPace, undoAct } from "./work";
import { keepSample, takeSample } from "./samples";

const NOW = Date.UTC(2026, 10, 27, 20);
const MIN = 60_000;
let db: Db;
let id: string;

beforeEach(() => {
  db = openDatabase(":memory:");
  const request = { formulaId: null, formulation: chops(), startAtMs: NOW, acknowledgements: [] };
  id = startBatch(db, request, NOW).id;
});

const work = (nowMs = NOW) => loadWork(db, id, nowMs);
/** After what simulated instruments read up to then was written down. */
function caughtUp(nowMs: number, kitchen = db, batchId = id) {
  while (takeSamples(kitchen, nowMs) > 0);
  return loadWork(kitchen, batchId, nowMs);
}

describe("acts", () => {
  test("confirmed twice, the first time stands; taken back, the record keeps both", () => {
    expect(confirmAct(db, id, "weigh_out", { atMs: NOW }, NOW)).toEqual({ doneAtMs: NOW, already: false });
    const again = confirmAct(db, id, "weigh_out", { atMs: NOW + MIN }, NOW + MIN);
    expect(again).toEqual({ doneAtMs: NOW, already: true });
    undoAct(db, id, "weigh_out", NOW + MIN);
    expect(work().done).toEqual({});
  });

  test("how far the device's clock was set right is kept with what was done, and taken out, on it", () => {
    confirmAct(db, id, "weigh_out", { atMs: NOW, deviceAheadMs: 420_000 }, NOW);
    confirmAct(db, id, "go_in", { atMs: NOW }, NOW);
    liftBatch(db, id, NOW, NOW, -90_000);
    const told = loadBatch(db, id).events.map((e) => [e.kind, e.deviceAheadMs]);
    expect(told).toEqual([
      ["started", null],
      ["act_done", 420_000],
      ["act_done", null],
      ["lifted", -90_000],
    ]);
  });

  test.each([
    ["a minute of the clock", 1, MIN],
    ["an hour of one rehearsed sixty times as fast", 60, 60 * MIN],
  ])("nothing is done in time to come, by more than %s", (_, speed, mostMs) => {
    setPace(db, id, speed, NOW);
    expect(() => confirmAct(db, id, "go_in", { atMs: NOW + mostMs + 1 }, NOW)).toThrow("not in time to come");
    expect(work().done).toEqual({});
    expect(confirmAct(db, id, "go_in", { atMs: NOW + mostMs }, NOW)).toMatchObject({ already: false });
  });

  test("poured over, every line is scaled; the sheet itself stays what it was", () => {
    scaleLines(db, id, 1.3);
    expect(work().scaledBy).toBe(1.3);
    scaleLines(db, id, 1);
    expect(work().scaledBy).toBe(1);
  });

  test("a weight taken again replaces the first", () => {
    keepWeight(db, id, "pickling", 40, NOW);
    keepWeight(db, id, "pickling", 41.5, NOW);
    expect(work().weights).toEqual({ pickling: 41.5 });
  });
});

describe("instruments", () => {
  test("a simulated probe catches up by its own clock, the same after any pause", () => {
    confirmAct(db, id, "stage_1", { atMs: NOW }, NOW);
    attachInstrument(db, id, { channel: "probe", seed: 7 }, NOW);
    caughtUp(NOW + 5 * MIN);
    const slowly = caughtUp(NOW + 10 * MIN).readings;
    expect(slowly.length).toBeGreaterThan(15);
    const other = openDatabase(":memory:");
    const request = { formulaId: null, formulation: chops(), startAtMs: NOW, acknowledgements: [] };
    const twin = startBatch(other, request, NOW).id;
    confirmAct(other, twin, "stage_1", { atMs: NOW }, NOW);
    attachInstrument(other, twin, { channel: "probe", seed: 7 }, NOW);
    expect(caughtUp(NOW + 10 * MIN, other, twin).readings).toEqual(slowly);
  });

  test("a probe falls silent now and then, and goes on after it", () => {
    confirmAct(db, id, "stage_1", { atMs: NOW }, NOW);
    attachInstrument(db, id, { channel: "probe", seed: 7 }, NOW);
    const at = caughtUp(NOW + 90 * MIN).readings.map((r) => r.atMs);
    const gaps = at.slice(1).map((ms, i) => ms - at[i]);
    expect(gaps.every((gap) => gap % 30_000 === 0)).toBe(true);
    expect(Math.max(...gaps)).toBeGreaterThanOrEqual(MIN);
    expect(at.at(-1)).toBeGreaterThan(NOW + 85 * MIN);
  });

  test("rehearsed at 600 ×, a minute is ten hours of its own", () => {
    setPace(db, id, 600, NOW);
    attachInstrument(db, id, { channel: "fridge", seed: 3 }, NOW);
    const { readings } = caughtUp(NOW + MIN);
    expect(readings.at(-1)?.atMs).toBeGreaterThan(NOW + 9.9 * 60 * MIN);
  });

  test("to look at it writes nothing; a day late is caught up a part at a time; what is judged is over", () => {
    attachInstrument(db, id, { channel: "fridge", seed: 3 }, NOW);
    work(NOW + 60 * MIN);
    expect(work(NOW + 60 * MIN).readings).toEqual([]);
    expect(takeSamples(db, NOW + 24 * 60 * MIN)).toBe(500);
    expect(takeSamples(db, NOW + 60 * MIN)).toBe(0);
    judgeBatch(db, id, { faults: [], words: "" }, NOW);
    expect(takeSamples(db, NOW + 24 * 60 * MIN)).toBe(0);
  });

  test("a day after it was taken out nothing of it is read any more", () => {
    attachInstrument(db, id, { channel: "fridge", seed: 3 }, NOW);
    liftBatch(db, id, NOW + MIN, NOW + MIN);
    const { readings } = caughtUp(NOW + 72 * 60 * MIN);
    expect(readings.at(-1)?.atMs).toBeLessThanOrEqual(NOW + MIN + 24 * 60 * MIN);
    expect(readings.at(-1)?.atMs).toBeGreaterThan(NOW + 23 * 60 * MIN);
  });

  test("after days of a fridge sensor the newest readings are shown, oldest of them first", () => {
    for (let i = 0; i < 3100; i++)
      keepSample(db, id, { channel: "fridge", atMs: NOW + i * 30_000, value: 4 }, NOW);
    keepSample(db, id, { channel: "probe", atMs: NOW + 3100 * 30_000, value: 41 }, NOW);
    const { readings } = work();
    expect(readings.at(-1)).toMatchObject({ channel: "probe", value: 41 });
    expect(readings[0].atMs).toBeLessThan(readings[1].atMs);
  });

  test("a probe that speaks each second is shown in full lately, and by the minute before that", () => {
    db.transaction((tx) => {
      for (let s = 0; s < 3 * 3600; s++)
        keepSample(tx, id, { channel: "probe", atMs: NOW + s * 1000, value: s }, NOW);
    });
    const shown = work().readings.map((r) => r.value);
    expect(shown.at(-1)).toBe(3 * 3600 - 1);
    expect(shown.slice(-200)).toEqual(Array.from({ length: 200 }, (_, i) => 3 * 3600 - 200 + i));
    const older = shown.slice(0, -200);
    expect(older.slice(1).every((value, i) => value - older[i] === 60)).toBe(true);
    expect(older[0]).toBeLessThan(60);
  });

  test("the scale pours the line put on it, comes to rest, and is not recorded", () => {
    expect(work().scale).toBeNull();
    attachInstrument(db, id, { channel: "scale", seed: 7 }, NOW);
    setPan(db, id, { lineId: "pickling", targetG: 80, tareG: 120 }, NOW);
    expect(work(NOW + 2000).scale?.steady).toBe(false);
    const rest = work(NOW + 30_000).scale;
    expect(rest?.steady).toBe(true);
    expect(Math.abs((rest?.grams ?? 0) - 200)).toBeLessThan(18);
    expect(work(NOW + 30_000).readings).toEqual([]);
  });

  test("a real scale's last word stands before the simulated one, for ten seconds", () => {
    keepSample(db, id, { channel: "scale", atMs: NOW, value: 512 }, NOW);
    expect(work(NOW + 1000).scale).toEqual({ grams: 512, steady: false });
    keepSample(db, id, { channel: "scale", atMs: NOW + 1000, value: 513 }, NOW + 1000);
    expect(work(NOW + 2000).scale).toEqual({ grams: 513, steady: true });
    expect(work(NOW + 20_000).scale).toBeNull();
  });

  test.each([
    ["ahead of the clock", { channel: "probe", atMs: NOW + 3_600_000, value: 40 }],
    ["from before the getting ready", { channel: "probe", atMs: NOW - 40 * 24 * 3_600_000, value: 40 }],
  ] as const)("a reading %s is refused and moves no figure", (_, sample) => {
    const before = work().readings;
    expect(() => takeSample(db, id, sample, NOW)).toThrow("between");
    expect(work().readings).toEqual(before);
  });

  test.each([
    ["probe", 300, 301],
    ["fridge", 60, 61],
    ["salinity", 40, 41],
  ])("%s reads up to %d, not %d", (channel, most, over) => {
    const read = (value: number) => sampleRequest.safeParse({ channel, atMs: NOW, value });
    expect(read(most).success).toBe(true);
    expect(read(over).error?.issues[0].path).toEqual(["value"]);
  });

  test("without a scale there is nothing to put a line on", () => {
    expect(() => setPan(db, id, { lineId: "pickling", targetG: 80, tareG: 0 }, NOW)).toThrow("scale");
  });
});

describe("photos", () => {
  const picture = (width: number, height: number) =>
    sharp({ create: { width, height, channels: 3, background: "#1f5e6b" } })
      .withExifMerge({ IFD0: { Copyright: "somebody" } })
      .jpeg()
      .toBuffer();

  test("is drawn anew, small enough, without what the camera wrote into it", async () => {
    const kept = await keepPhoto(db, id, await picture(3200, 1000), NOW);
    expect(kept).toMatchObject({ width: 1600, height: 500 });
    const stored = await sharp(loadPhoto(db, id, kept.id)).metadata();
    expect(stored.format).toBe("jpeg");
    expect(stored.exif).toBeUndefined();
    expect(work().photos).toHaveLength(1);
    removePhoto(db, id, kept.id);
    expect(listPhotos(db, id)).toEqual([]);
  });

  test("what is no picture is refused, and nothing is kept", async () => {
    await expect(
      keepPhoto(db, id, Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'), NOW),
    ).rejects.toThrow("does not read as a picture");
    await expect(keepPhoto(db, "nobody", await picture(10, 10), NOW)).rejects.toThrow("no such batch");
    expect(listPhotos(db, id)).toEqual([]);
  });

  test("six are enough", async () => {
    const file = await picture(20, 20);
    for (let i = 0; i < 6; i++) await keepPhoto(db, id, file, NOW + i);
    await expect(keepPhoto(db, id, file, NOW + 7)).rejects.toThrow("6 photos");
    // Not even looked at.
    await expect(keepPhoto(db, id, Buffer.from("no picture"), NOW + 7)).rejects.toThrow("6 photos");
  });

  test("of two that come at once for the last place one is kept", async () => {
    const file = await picture(20, 20);
    for (let i = 0; i < 5; i++) await keepPhoto(db, id, file, NOW + i);
    const both = await Promise.allSettled([keepPhoto(db, id, file, NOW), keepPhoto(db, id, file, NOW)]);
    expect(both.map((b) => b.status).sort()).toEqual(["fulfilled", "rejected"]);
    expect(listPhotos(db, id)).toHaveLength(6);
  });
});

test("judged by eaters alone, their mean is what the record counts", () => {
  const eaters = [
    { who: "table 1", salt: 2 },
    { who: "table 2", salt: 1 },
  ];
  judgeBatch(db, id, { faults: [], words: "", eaters }, NOW);
  expect(work().judged?.eaters).toEqual(eaters);
});
