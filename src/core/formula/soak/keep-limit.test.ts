import { findFood } from "../../materials/lookup";
import { practiceFor } from "../../materials/practice";
import type { Food } from "../../materials/types";
import { acidLimitH, keepLimit } from "./keep-limit";
import { softened } from "./softened";
import { RAIL_TO_H, windowFrom, withinRail, type SoakWindow } from "./window";

/* How long a preparation may stand, and the window that is left: by hand from the limits that are given. */

const food = (id: string): Food =>
  findFood(id) ??
  (() => {
    throw new Error(id);
  })();
const pork = food("pork_loin_bonein");
const fish = food("mackerel_fillet");
const celeriac = food("celeriac");
const mix = { pH: 3, kind: "acid", citricG: 6 } as never;

describe("what limits a preparation", () => {
  test("the table's hours for its way, or the chart's for raw food, whichever ends first", () => {
    const wet = practiceFor(pork, "wet").maxH;
    expect(keepLimit(pork, "wet")).toEqual({
      hours: Math.min(wet, 120),
      reason: wet <= 120 ? "texture_limit" : "storage_limit",
      method: "wet",
    });
    const raw = { ...fish, acidMaxH: 500 };
    expect(keepLimit({ ...raw }, "dry").hours).toBe(Math.min(48, practiceFor(fish, "dry").maxH));
    // Roots keep raw: nothing but practice ends it.
    expect(keepLimit(celeriac, "dry")).toMatchObject({
      hours: practiceFor(celeriac, "dry").maxH,
      reason: "texture_limit",
    });
  });

  test("an enzyme and an acid are named as what they are", () => {
    expect(keepLimit(pork, "enzymeMarinade")).toMatchObject({
      reason: "enzyme_limit",
      hours: practiceFor(pork, "enzymeMarinade").maxH,
    });
    expect(keepLimit(celeriac, "acidMarinade").reason).toBe("acid_limit");
    expect(keepLimit(pork, "oilMarinade").reason).not.toBe("acid_limit");
  });

  test("sharp acid ends it by its dose: 4 g of citric a kilogram is the table's bath, less of it lasts longer", () => {
    const tender = { ...fish, acidMaxH: 0.5 };
    expect([8, 4, 2, 1].map((dose) => acidLimitH(tender, dose))).toEqual([0.5, 0.5, 1, 2]);
    // 6 g in a kilogram and a half is 4 g a kilogram; in three kilograms 2.
    expect(keepLimit(tender, "oilMarinade", mix, 1500)).toEqual({
      hours: 0.5,
      reason: "acid_limit",
      method: "oilMarinade",
    });
    expect(keepLimit(tender, "oilMarinade", mix, 3000).hours).toBe(1);
    expect(keepLimit(tender, "oilMarinade", mix).hours).toBe(0.5);
  });

  test("acid counts below pH 4, and not a dairy's", () => {
    const tender = { ...fish, acidMaxH: 0.5 };
    const at = (change: object) =>
      keepLimit(tender, "oilMarinade", { ...(mix as object), ...change } as never, 1500).hours;
    expect(at({ pH: 3.99 })).toBe(0.5);
    expect(at({ pH: 4 })).toBeGreaterThan(1);
    expect(at({ pH: undefined })).toBeGreaterThan(1);
    expect(at({ kind: "dairy" })).toBeGreaterThan(1);
  });
});

describe("a window from hours of readiness and of going over", () => {
  const keep = { hours: 40, reason: "texture_limit", method: "wet" } as const;
  const soft = (early?: number, likely?: number, late?: number) => ({ early, likely, late });

  test("is cut off where practice ends it", () => {
    const window = windowFrom({ keep }, soft(5, 8, 12), soft(30, 50, 70));
    expect(window).toEqual({
      ready: soft(5, 8, 12),
      past: soft(30, 40, 40),
      pastReason: "over_salted",
      lacks: "salt",
      keepLimitH: 40,
    });
  });

  test("salt is the reason where it may go over before practice ends it, else practice is", () => {
    const reason = (early: number | undefined) => windowFrom({ keep }, soft(), soft(early)).pastReason;
    expect([reason(39.9), reason(40), reason(41), reason(undefined)]).toEqual([
      "over_salted",
      "texture_limit",
      "texture_limit",
      "texture_limit",
    ]);
    expect(windowFrom({ keep }, soft(), soft()).past).toEqual(soft(40, 40, 40));
  });

  test("what it lacks before: salt from a bath, spreading of salt laid on, meeting of salt put in", () => {
    const lacks = (contact: SoakContact, excess?: boolean) =>
      windowFrom({ keep, contact: { kind: contact }, excess }, soft(), soft()).lacks;
    expect([
      lacks("bath"),
      lacks("drySalt"),
      lacks("drySalt", true),
      lacks("within"),
      lacks("within", true),
    ]).toEqual(["salt", "spreading", "salt", "meeting", "meeting"]);
    expect(windowFrom({ keep }, soft(), soft()).lacks).toBe("salt");
  });
  type SoakContact = "bath" | "drySalt" | "within" | "crust";

  test("a crust is done by its bake, and past it a quarter later", () => {
    const bake = { earlyH: 0.8, likelyH: 1, lateH: 1.2 } as never;
    expect(windowFrom({ keep, bake }, soft(9, 9, 9), soft(9, 9, 9))).toEqual({
      ready: soft(0.8, 1, 1.2),
      past: { early: 1.25, likely: 1.5, late: expect.closeTo(1.875, 9) },
      pastReason: "over_baked",
      lacks: "salt",
      keepLimitH: 1.5,
    });
  });

  test("hours past the rail's end are not known", () => {
    expect(withinRail({ early: 95, likely: RAIL_TO_H, late: RAIL_TO_H + 0.1 })).toEqual({
      early: 95,
      likely: 96,
    });
  });

  test("soft edges come from the ensemble, the likely hour from the finer run, and never lie on its wrong side", () => {
    const window = (ready: ReturnType<typeof soft>): SoakWindow => windowFrom({ keep }, ready, soft());
    const mixed = (likely: number | undefined, early?: number, late?: number) =>
      softened(window(soft(1, likely, 99)), { ...window(soft(early, 7, late)), pastReason: "over_salted" });
    expect(mixed(10, 6, 14).ready).toEqual(soft(6, 10, 14));
    expect(mixed(5, 6, 14).ready).toEqual(soft(5, 5, 14));
    expect(mixed(20, 6, 14).ready).toEqual(soft(6, 20, 20));
    expect(mixed(undefined, 6, 14).ready).toEqual(soft(6, undefined, 14));
    expect(mixed(10).ready).toEqual(soft(undefined, 10, undefined));
    expect(mixed(10, 6, 14)).toMatchObject({ pastReason: "texture_limit", past: soft(40, 40, 40) });
  });
});
