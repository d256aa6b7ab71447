import { cookOf } from "../cook/cook";
import { chops, timedChops, worked } from "../formulation.fixture";
import { onThePlate, restStage, rinseStage, runAfter } from "./plate";
import { hoursAfter } from "./rinse-or-rest";
import { rinsedMoment, rinseOf } from "./rinse";
import { soakProblem } from "./soak-problem";

const f = timedChops(0.06, {
  pieces: { ...chops().pieces, shape: "slab" as const, thicknessMm: 25 },
  pullH: 8,
});
const sheet = worked(f);
const { load } = sheet;

describe("fresh water", () => {
  test("so many minutes in five times the flesh's own water, changed once, at the soak's own pace", () => {
    const problem = soakProblem(f, load);
    expect(rinseStage(problem, 30)).toEqual({
      kind: "freshWater",
      durationS: 1800,
      diffusivityM2PerS: problem.diffusivityM2PerS,
      surfaceTransferMPerS: problem.body.surfaceTransferMPerS,
      waterRatio: 5,
      changes: 1,
    });
    expect(restStage(problem, 2)).toEqual({
      kind: "rest",
      durationS: 7200,
      diffusivityM2PerS: problem.diffusivityM2PerS,
    });
  });

  test("what is kept of the salt is the mean after it over the mean before; both are shares of finished flesh", () => {
    const { kept, shares, before } = rinsedMoment(sheet, 8, 30);
    expect(kept).toBeGreaterThan(0.5);
    expect(kept).toBeLessThan(1);
    const perWater = (share: number) =>
      (share * load.flesh.waterFraction) / (1 - share) / load.flesh.waterFraction;
    expect(perWater(shares.meanFraction) / perWater(before.meanFraction)).toBeCloseTo(kept, 6);
    expect(rinseOf(sheet, 8, 30)).toEqual({ minutes: 30, before, after: shares });
  });

  test("it takes more from the outside than from the middle; the longer the more", () => {
    const { before, after } = rinseOf(sheet, 8, 30);
    expect(after.surfaceFraction / before.surfaceFraction).toBeLessThan(0.6);
    expect(after.centreFraction).toBeCloseTo(before.centreFraction, 3);
    expect(rinsedMoment(sheet, 8, 60).kept).toBeLessThan(rinsedMoment(sheet, 8, 30).kept);
  });

  test("taken out at once it is taken out after a minute: nothing is divided by no salt", () => {
    expect(rinsedMoment(sheet, 0, 5).before.meanFraction).toBeCloseTo(
      rinsedMoment(sheet, 1 / 60, 5).before.meanFraction,
      12,
    );
  });
});

describe("on the plate", () => {
  const cook = { ...cookOf(f, sheet.food), minutes: 30, restMin: 10, toC: 63 };
  const plate = (change: object = {}, pullH?: number) => {
    const ran = onThePlate({ ...f, ...change }, load, cook, pullH);
    if (!ran.ok) throw new Error(ran.error.field);
    return ran.value;
  };

  test("no salt leaves in the heat, and it spreads", () => {
    const { atPull, served } = plate();
    expect(atPull.timeS).toBeCloseTo(8 * 3600, 6);
    expect(served.timeS).toBeCloseTo(8 * 3600 + 40 * 60, 6);
    expect(served.mean).toBeCloseTo(atPull.mean, 6);
    expect(served.centre).toBeGreaterThan(atPull.centre);
    expect(served.surface).toBeLessThan(atPull.surface);
    expect(plate({}, 4).atPull.timeS).toBeCloseTo(4 * 3600, 6);
  });

  test("forty minutes of heat spread more than forty of rest in the cold; hotter, more", () => {
    const ran = runAfter(soakProblem(f, load), 8, [restStage(soakProblem(f, load), 40 / 60)]);
    if (!ran.ok) throw new Error("refused");
    const cold = ran.value.moments.at(-1)?.centre ?? NaN;
    const { served } = plate();
    expect(served.centre).toBeGreaterThan(cold * 1.02);
    const hotter = onThePlate(f, load, { ...cook, toC: 80 });
    if (!hotter.ok) throw new Error("refused");
    expect(hotter.value.served.centre).toBeGreaterThan(served.centre);
  });

  test("rinsed, it is served with what the rinse left", () => {
    const { served } = plate({ rinse: { minutes: 30 } });
    expect(served.mean / plate().served.mean).toBeCloseTo(rinsedMoment(sheet, 8, 30).kept, 4);
  });
});

describe("how long after the pull", () => {
  const strong = timedChops(0.06, { pullH: 20 });
  const strongLoad = worked(strong).load;

  test("in fresh water until the mean is what is wanted: rinsed so long it is", () => {
    const found = hoursAfter(strong, strongLoad, "rinse");
    if (!found.ok) throw new Error(found.why);
    expect(found.hours).toBeGreaterThan(0.1);
    const after = runAfter(soakProblem(strong, strongLoad), 20, [
      rinseStage(soakProblem(strong, strongLoad), found.hours * 60),
    ]);
    if (!after.ok) throw new Error("refused");
    expect(after.value.moments.at(-1)?.mean).toBeCloseTo(strongLoad.targetPerWater, 3);
  });

  test("not needed where it is not too salt yet; said with what it has", () => {
    const short = { ...strong, pullH: 0.5 };
    expect(hoursAfter(short, strongLoad, "rinse")).toMatchObject({
      ok: false,
      why: "not_needed",
      nearestH: 0,
    });
  });

  test("not within twelve hours of water: how far it gets is said", () => {
    const wanting = { ...strongLoad, targetPerWater: 0.0001 };
    const found = hoursAfter(strong, wanting, "rinse");
    expect(found).toMatchObject({ ok: false, why: "not_within" });
    if (found.ok) throw new Error("found");
    expect(found.nearestH).toBeCloseTo(12, 6);
    expect(found.reachesFraction).toBeGreaterThan(0);
    expect(found.reachesFraction).toBeLessThan(0.02);
  });

  test("at rest until the middle has eight tenths of the mean; a brine longer than that needs none", () => {
    const dry = chops({
      pullH: 4,
      pieces: f.pieces,
      preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "allFaces" },
    });
    const dryLoad = worked(dry).load;
    const found = hoursAfter(dry, dryLoad, "rest");
    if (!found.ok) throw new Error(found.why);
    const problem = soakProblem(dry, dryLoad);
    const ran = runAfter(problem, 4, [restStage(problem, found.hours)]);
    if (!ran.ok) throw new Error("refused");
    const last = ran.value.moments.at(-1);
    expect((last?.centre ?? NaN) / (last?.mean ?? NaN)).toBeCloseTo(0.8, 2);
    expect(hoursAfter({ ...dry, pullH: 90 }, dryLoad, "rest")).toMatchObject({
      ok: false,
      why: "not_needed",
    });
  });
});
