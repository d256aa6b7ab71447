import { cookOf } from "../formula/cook/cook";
import { chops, foodIn, worked } from "../formula/formulation.fixture";
import type { Cook, CookStage, Formulation } from "../formulation";
import { coolestEndC, exitsOf, type Exit } from "./exits";

const open = (minutes: number, part: Partial<CookStage> = {}): CookStage => ({
  ovenC: 180,
  minutes,
  cover: "open",
  ...part,
});
const breasts = { name: "breasts", toC: 66, thicknessMm: 40, share: 0.3 };
const legs = { name: "legs", toC: 85, thicknessMm: 45, share: 0.34 };
const cook: Cook = { toC: 80, minutes: 150, restMin: 15, ovenC: 180, parts: [breasts, legs] };
const goose = (change: Partial<Cook> = {}, input: Partial<Formulation> = {}, count = 1) =>
  foodIn("goose_whole", "dry", { pullH: 24, cook: { ...cook, ...change }, ...input }, count);
const exits = (f: Formulation): Exit[] => exitsOf(f, worked(f));
const loin = (change: Partial<Cook> = {}, input: Partial<Formulation> = {}) =>
  foodIn("pork_loin_roast", "dry", {
    cook: { toC: 63, minutes: 100, restMin: 20, ovenC: 180, ...change },
    ...input,
  });

describe("the whole and what is held on it", () => {
  test("each its own channel, end and rest; the whole has no name", () => {
    const [whole, breast, leg] = exits(goose({ parts: [breasts, { ...legs, restMin: 5 }] }));
    expect([whole.channel, breast.channel, leg.channel]).toEqual(["probe", "probe2", "probe3"]);
    expect([whole.name, breast.name, leg.name]).toEqual(["", "breasts", "legs"]);
    expect([whole.endC, breast.endC, leg.endC]).toEqual([80, 66, 85]);
    expect([whole.restMin, breast.restMin, leg.restMin]).toEqual([15, 15, 5]);
    expect(breast.thicknessMm).toBe(40);
  });

  test("grams by its share of one piece, all of it where no share is given", () => {
    const f = goose({ parts: [breasts, { ...legs, share: undefined }] }, {}, 2);
    const pieceG = f.pieces.totalMassG / 2;
    const [whole, breast, leg] = exits(f);
    expect(whole.massG).toBe(pieceG);
    expect(breast.massG).toBeCloseTo(0.3 * pieceG, 9);
    expect(leg.massG).toBe(pieceG);
  });

  test("a thinner one that ends cooler has fewer minutes than the whole, in the same heats; the last is drawn out for a thicker", () => {
    const stages = [open(30, { ovenC: 220 }), open(120, { ovenC: 160 })];
    const [, breast] = exits(goose({ stages }));
    expect(breast.stages[0]).toEqual(stages[0]);
    expect(breast.minutes).toBe(30 + breast.stages[1].minutes);
    expect(breast.minutes).toBeLessThan(150);
    const [, thick] = exits(goose({ stages, parts: [{ ...breasts, toC: 85, thicknessMm: 60 }] }));
    expect(thick.stages[0]).toEqual(stages[0]);
    expect(thick.stages[1].minutes).toBeGreaterThan(120);
    const [, thin] = exits(goose({ stages, parts: [{ ...breasts, thicknessMm: 12 }] }));
    expect(thin.stages).toEqual([{ ...stages[0], minutes: thin.minutes }]);
    expect(thin.minutes).toBeLessThan(30);
  });

  test("no more than there are probes", () => {
    const many = Array.from({ length: 6 }, (_, i) => ({ ...breasts, name: `part ${i}` }));
    expect(exits(goose({ parts: many })).map((e) => e.channel)).toEqual([
      "probe",
      "probe2",
      "probe3",
      "probe4",
    ]);
  });

  test("its own thickness is what is wanted as thick: the same minutes as the whole where all is alike", () => {
    const f = goose();
    const alike = { name: "back", toC: 80, thicknessMm: f.pieces.thicknessMm };
    const [whole, back] = exits(goose({ parts: [alike] }));
    expect(back.minutes).toBe(whole.minutes);
  });
});

test("where the engine never gets it there, minutes go with thickness squared", () => {
  const parts = [{ name: "back", toC: 118, thicknessMm: 25 }];
  const [whole, back] = exits(goose({ ovenC: 120, toC: 80, parts }));
  expect(back.minutes).toBe(Math.round(whole.minutes * (25 / whole.thicknessMm) ** 2));
});

describe("taken apart", () => {
  test("there is no whole any more; without parts there is nothing else", () => {
    expect(exits(goose({ apart: true })).map((e) => e.name)).toEqual(["breasts", "legs"]);
    expect(exits(goose({ apart: true, parts: [] })).map((e) => e.name)).toEqual([""]);
  });

  test("each part as heavy as its share, in equal shares where none is given", () => {
    const f = goose({ apart: true, parts: [breasts, { ...legs, share: undefined }] });
    const [breast, leg] = exits(f);
    expect(breast.massG).toBeCloseTo(0.3 * f.pieces.totalMassG, 9);
    expect(leg.massG).toBeCloseTo(0.5 * f.pieces.totalMassG, 9);
  });

  test("its own stages where the cook gave them; else the first oven of the whole, for as long as its own middle takes", () => {
    const stages = [open(8, { on: "pan" }), open(60, { ovenC: 200, cover: "lid", action: "baste" })];
    const [breast, leg] = exits(
      goose({ apart: true, stages, parts: [{ ...breasts, stages: [open(33)] }, legs] }),
    );
    expect(breast.stages).toEqual([open(33)]);
    expect(breast.minutes).toBe(33);
    expect(leg.stages).toHaveLength(1);
    expect(leg.stages[0]).toMatchObject({ ovenC: 200, cover: "lid", action: undefined });
    expect(leg.minutes).toBe(leg.stages[0].minutes);
    expect(Number.isInteger(leg.minutes)).toBe(true);
    const [, hotter] = exits(goose({ apart: true, stages: [open(60, { ovenC: 220, cover: "lid" })] }));
    expect(hotter.minutes).toBeLessThan(leg.minutes);
  });
});

describe("out at, so that it ends where it should", () => {
  test("the least it may climb under its end, in whole degrees", () => {
    const [whole] = exits(loin());
    expect(whole.outC).toBe(Math.round(63 - whole.climb.low));
    expect(whole.climb.low).toBeLessThan(whole.climb.likely);
    expect(whole.climb.likely).toBeLessThan(whole.climb.high);
    expect(whole.course.length).toBeGreaterThan(50);
  });

  test("as this kitchen's joints were seen to climb, but never more than twelve degrees early", () => {
    const [usual] = exits(loin());
    const [half] = exits(loin({}, { heatHere: { climb: 0.5 } }));
    expect(half.climb).toEqual({
      low: usual.climb.low / 2,
      likely: usual.climb.likely / 2,
      high: usual.climb.high / 2,
    });
    const [far] = exits(loin({}, { heatHere: { climb: 9 } }));
    expect([far.climb.low, far.outC]).toEqual([12, 51]);
    expect(far.climb.high).toBeCloseTo(9 * usual.climb.high, 9);
  });

  test("an oven is opened when its food is basted or turned, as the program has it", () => {
    const stage = { ovenC: 160, minutes: 60, cover: "open" as const };
    const openedFor = (part: object) => exits(loin({ stages: [{ ...stage, ...part }] }))[0].heated[0].opened;
    expect(openedFor({})).toBeUndefined();
    expect(openedFor({ action: "baste", everyMin: 20 })).toEqual({ atMin: [20, 40], basted: true });
    expect(openedFor({ action: "turn" })).toEqual({ atMin: [30], basted: false });
    expect(openedFor({ action: "tent", everyMin: 20 })).toBeUndefined();
    // Never so shortly before the end.
    expect(openedFor({ action: "baste", everyMin: 55 })).toEqual({ atMin: [55], basted: true });
    expect(openedFor({ action: "baste", everyMin: 56 })).toBeUndefined();
  });

  test("an oven over its dial is the hotter oven", () => {
    const [off] = exits(loin({}, { heatHere: { ovenOffC: 20 } }));
    const [hotter] = exits(loin({ ovenC: 200 }));
    expect(off.heated).toEqual(hotter.heated);
    expect(off.climb).toEqual(hotter.climb);
    const [, held] = exits(goose({}, { heatHere: { ovenOffC: 20 } }));
    expect(held.minutes).toBe(exits(goose({ ovenC: 200 }))[1].minutes);
  });

  test("only in a pan, nothing climbs and nothing is foretold", () => {
    const [seared] = exits(
      chops({ cook: { toC: 63, minutes: 6, restMin: 5, stages: [open(6, { on: "pan" })] } }),
    );
    expect(seared).toMatchObject({
      outC: 63,
      climb: { low: 0, likely: 0, high: 0 },
      minutes: 0,
      course: [],
    });
  });

  test("in a crust its middle is that of the food as it lies in it", () => {
    const f = foodIn("grey_mullet_whole", "crust");
    expect(exits(f)[0].thicknessMm).toBe(worked(f).crust?.food.heightMm);
  });
});

describe("under the one-moment minimum", () => {
  test("what the published table asks and what this cook gives; not at the minimum or over it", () => {
    const { safeMinC } = worked(loin()).food;
    const time = (toC: number) => exits(loin({ toC }))[0].time;
    expect(time(60)).toMatchObject({ atC: 60 });
    expect(time((safeMinC ?? 0) - 0.1)).toBeDefined();
    expect(time(safeMinC ?? 0)).toBeUndefined();
    expect(time(70)).toBeUndefined();
  });

  test("there is no table for roots, whatever they end at", () => {
    const f = foodIn("celeriac", "crust");
    expect(exits({ ...f, cook: { ...cookOf(f, worked(f).food), toC: 50 } })[0].time).toBeUndefined();
  });
});

test("the least any part is cooked to: of a joint taken apart the whole is no part", () => {
  expect(coolestEndC({ ...cook, parts: undefined })).toBe(80);
  expect(coolestEndC(cook)).toBe(66);
  expect(coolestEndC({ ...cook, toC: 60 })).toBe(60);
  expect(coolestEndC({ ...cook, toC: 60, apart: true })).toBe(66);
  expect(coolestEndC({ ...cook, parts: undefined, apart: true })).toBe(80);
});
