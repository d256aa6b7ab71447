import fc from "fast-check";
import { chops } from "../formula/formulation.fixture";
import { preparationOffered } from "../formula/offer/defaults";
import { withPreparation } from "../formula/offer/offered";
import { draftsFor } from "./drafts";
import { atHeat, heatOf } from "./one-heat";
import type { BatchRequest, DishRequest, SittingRequest } from "./request";
import { sittingOfDishes, trayOf } from "./sitting.fixture";

const cook = { toC: 63, minutes: 40, restMin: 5, ovenC: 180 };
const batch = (part: Partial<BatchRequest["formulation"]> = {}): BatchRequest => ({
  kind: "batch",
  id: "chops",
  name: "Chops",
  formulation: chops({ cook, ...part }),
});
const roots = trayOf("Roots", 50, {
  ovenC: 200,
  trays: [
    { name: "parsnips", minutes: 50 },
    { name: "carrots", minutes: 35 },
  ],
});
const minutesOf = (dish: DishRequest | undefined) =>
  dish?.kind === "batch" ? dish.formulation.cook?.minutes : dish?.trays[0].minutes;

describe("the one heat of a dish", () => {
  test("its oven's; none on the hob; none where it goes through stages", () => {
    expect(heatOf(batch())).toBe(180);
    expect(heatOf(roots)).toBe(200);
    expect(heatOf({ ...roots, ovenC: undefined })).toBeUndefined();
    const stage = { ovenC: 160, minutes: 30, cover: "open" as const };
    expect(heatOf(batch({ cook: { ...cook, stages: [stage] } }))).toBe(160);
    expect(heatOf(batch({ cook: { ...cook, stages: [stage, { ...stage, ovenC: 220 }] } }))).toBeUndefined();
  });
});

describe("at another heat", () => {
  test("cooler is longer and hotter is shorter, for meat and for roots", () =>
    fc.assert(
      fc.property(fc.integer({ min: 130, max: 240 }), fc.constantFrom(batch(), roots), (toC, dish) => {
        const fromC = heatOf(dish) ?? 0;
        const made = atHeat(dish, fromC, toC);
        if (!made) throw new Error("no sums");
        expect(heatOf(made.dish)).toBe(toC);
        expect(Math.sign(made.byMin) * Math.sign(fromC - toC)).toBeGreaterThanOrEqual(0);
        expect((minutesOf(made.dish) ?? 0) - (minutesOf(dish) ?? 0)).toBe(made.byMin);
      }),
      { numRuns: 25 },
    ));

  test("each tray by its own time, the longest of them counts", () => {
    const made = atHeat(roots, 200, 160);
    expect(made?.dish.kind === "plain" && made.dish.trays.map((t) => t.minutes)).toEqual([64, 45]);
    expect(made?.byMin).toBe(14);
  });

  test("a crust is packed for as long as it bakes", () => {
    const crust = { ...batch(), formulation: { ...withPreparation(chops(), "crust"), cook } };
    const made = atHeat(crust, 180, 220);
    expect(made?.dish.kind === "batch" && made.dish.formulation.pullH).toBeCloseTo(
      (minutesOf(made?.dish) ?? 0) / 60,
      9,
    );
  });

  test("a dish whose sums do not work out is not offered", () =>
    expect(atHeat(batch({ foodId: "no_such_food" }), 180, 200)).toBeUndefined());
});

describe("what is thought of when demands clash", () => {
  const request = (part: Partial<SittingRequest> = {}) =>
    sittingOfDishes(Date.UTC(2026, 10, 27, 18), [batch(), roots], part);
  const ids = (demands: string[], part: Partial<SittingRequest> = {}) =>
    draftsFor(request(part), demands).map((d) => d.id);

  test("nothing, where nothing it can change is in the way", () => expect(ids(["table"])).toEqual([]));

  test.each([
    ["resource:hands", "another:cook", "cooks"],
    ["resource:oven", "another:oven", "ovens"],
    ["resource:oven", "another:shelf", "shelves"],
    ["resource:tray", "another:tray", "trays"],
    ["resource:vessel", "another:vessel", "vessels"],
    ["resource:hob", "another:ring", "rings"],
    ["resource:cooler", "another:cooler", "coolers"],
  ] as const)("%s: %s is one more of it", (demand, id, key) => {
    const draft = draftsFor(request(), [demand]).find((d) => d.id === id);
    expect(draft?.apply(request()).kitchen).toEqual({
      ...request().kitchen,
      [key]: request().kitchen[key] + 1,
    });
  });

  test("the oven's clash: each dish at the other's heat, with its minutes", () => {
    const drafts = draftsFor(request(), ["resource:oven"]).filter((d) => d.facts.kind === "oneHeat");
    expect(drafts.map((d) => d.id)).toEqual(["heat200:chops", "heat180:roots"]);
    const [first] = drafts;
    const changed = first.apply(request()).dishes.find((d) => d.id === "chops");
    expect(changed && heatOf(changed)).toBe(200);
  });

  test("a soak too long: ready sooner, a strong bath, or salt alone; pulled as soon as it is ready", () => {
    const drafts = draftsFor(request(), ["soak:chops"]);
    expect(drafts.map((d) => d.facts.kind)).toEqual(
      expect.arrayContaining(["readySooner", "strongBrine", "dryBrine"]),
    );
    for (const draft of drafts) {
      const { facts } = draft;
      const dish = draft.apply(request()).dishes.find((d) => d.id === "chops");
      if (!("hours" in facts) || dish?.kind !== "batch") throw new Error("no hours");
      expect(dish.formulation.pullH).toBe(facts.hours);
      expect(facts.hours).toBeGreaterThan(0);
    }
  });

  test("what is in its bath already is not changed any more", () => {
    const begun = { ...batch(), doneMs: { go_in: Date.UTC(2026, 10, 26, 18) } };
    expect(ids(["soak:chops"], { dishes: [begun, roots] })).toEqual([]);
  });

  test("a full fridge: the cooler, for what stands in the fridge", () => {
    expect(ids(["resource:fridge"])).toEqual(["cooler:chops"]);
    const out = batch({
      holding: { ...chops().holding, place: "cooler" },
      preparation: preparationOffered("dry", 0.012),
    });
    expect(ids(["resource:fridge"], { dishes: [out, roots] })).toEqual([]);
  });

  test("a task the cook put somewhere may move again; at night somebody may get up, once", () => {
    const pins = [{ taskId: "chops/go_in", startMs: 1 }];
    const [unpin] = draftsFor(request({ pins }), ["pinned:chops/go_in"]);
    expect(unpin.apply(request({ pins })).pins).toEqual([]);
    expect(ids(["quiet"])).toEqual(["getUp"]);
    expect(ids(["quiet"], { getsUp: true })).toEqual([]);
  });

  test("a draft changes what it says and leaves the request it was made from as it was", () => {
    const asked = request();
    const before = structuredClone(asked);
    for (const draft of draftsFor(asked, ["resource:oven", "soak:chops", "quiet", "resource:fridge"]))
      draft.apply(asked);
    expect(asked).toEqual(before);
  });
});
