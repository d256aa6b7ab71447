import { followsByItself } from "../../bench/follow";
import { momentAt } from "../../diffusion/moment";
import { perWaterAt } from "../../diffusion/read-moment";
import { spreadFrom } from "../../diffusion/series.fixture";
import type { Formulation, InjectionPreparation } from "../../formulation";
import { findFood } from "../../materials/lookup";
import { mayStretch } from "../../schedule/soak-edges";
import { fleshSaltAt } from "../../ways/flesh-salt";
import { solveThird } from "../../ways/third";
import { waysFor } from "../../ways/ways";
import { yieldOf } from "../../yield/yield";
import { endG } from "../account/dish-ledger";
import { outcomeAt } from "../account/outcome";
import { whatIfsFor } from "../change/compare";
import { cookOf } from "../cook/cook";
import { formulate } from "../formulate";
import { worked } from "../formulation.fixture";
import { newFormulation } from "../offer/defaults";
import { withPreparation } from "../offer/offered";
import { ensembleWindow, sensitivities } from "../soak/ensemble";
import { onThePlate } from "../soak/plate";
import { AS_LIKELY, soakProblem } from "../soak/soak-problem";
import { injectedFlesh } from "./equilibrium";

const loin = (own: Partial<InjectionPreparation> = {}, part: Partial<Formulation> = {}): Formulation => {
  const food = findFood("pork_loin_bonein");
  if (!food) throw new Error("food table");
  const f = withPreparation({ ...newFormulation(food), saltId: "pickling" }, "injection");
  if (f.preparation.kind !== "injection") throw new Error("preparation");
  return { ...f, preparation: { ...f.preparation, ...own }, ...part };
};

describe("an injected brine is weighed out", () => {
  test("so strong that the flesh ends at what is wanted, by the sum of the check cases", () => {
    for (const [pickupFraction, dripFraction, targetFraction] of [
      [0.1, 0.2, 0.014],
      [0.06, 0, 0.01],
      [0.2, 0.4, 0.018],
    ]) {
      const sheet = worked(loin({ pickupFraction, dripFraction, targetFraction }));
      expect(sheet.endFraction).toBeCloseTo(targetFraction, 6);
      const { flesh, foodG, naclG } = sheet;
      const brineG = foodG * pickupFraction;
      // Published sum (packers' practice), of the whole mass: within what native salt is of itself.
      const asCured = injectedFlesh(
        flesh.massG,
        flesh.nativeSaltFraction,
        brineG / flesh.massG,
        naclG / brineG,
        1 - dripFraction,
      );
      expect(asCured.saltFraction).toBeCloseTo(targetFraction, 4);
    }
  });

  test("all of the brine is on the sheet, salt and sugar and what goes in with them", () => {
    const f = loin({}, { sugarPerSalt: 0.5, lines: [line("apple_juice", 20)] });
    const sheet = worked(f);
    const made = sheet.lines.reduce((sum, l) => sum + l.massG, 0);
    expect(made).toBeCloseTo(sheet.foodG * 0.1, 6);
    expect(sheet.lines.map((l) => l.role)).toContain("sugar");
    expect(sheet.endFraction).toBeCloseTo(f.preparation.targetFraction, 6);
    expect(sheet.liquidMl).toBe(0);
  });

  test("what goes into the cavity or onto the tray is no part of the brine", () => {
    const sheet = worked(loin({}, { lines: [{ ...line("apple_juice", 50), where: "cavity" }] }));
    const bare = worked(loin());
    expect(sheet.lines.find((l) => l.role === "water")?.massG).toBeCloseTo(
      bare.lines.find((l) => l.role === "water")?.massG ?? NaN,
      9,
    );
  });

  test("by hand: 4 kg of flesh alone, 400 g of brine of which 320 stay, for 1.4 %", () => {
    // 14/986 × (flesh + water that stays) − own salt, with the water that stays 320 g less the salt in it.
    const { flesh, naclG, foodG } = worked(loin());
    const k = 0.014 / 0.986;
    const own = flesh.massG * flesh.nativeSaltFraction;
    const staying = (k * (flesh.massG + 0.08 * foodG) - own) / (1 + k);
    expect(naclG * 0.8).toBeCloseTo(staying, 1);
  });

  test("salt given stands to the gram, and the flesh is told where it ends", () => {
    const given = worked(loin({}, { salt: { mode: "grams", massG: 40 } }));
    expect(given.lines.find((l) => l.role === "salt")?.massG).toBeCloseTo(40, 9);
    expect(given.endFraction).toBeLessThan(0.014);
    const none = worked(loin({}, { salt: { mode: "none" } }));
    expect(none.endFraction).toBeLessThan(none.flesh.nativeSaltFraction);
  });

  test("more put in than brine is asked for is refused, and meat that holds enough", () => {
    expect(formulate(loin({ pickupFraction: 0.02 }, { lines: [line("apple_juice", 40)] }))).toMatchObject({
      ok: false,
      error: { code: "brine_overfull" },
    });
    expect(formulate(loin({ targetFraction: 0.001 }))).toMatchObject({
      ok: false,
      error: { code: "already_salty" },
    });
  });
});

describe("it spreads from stab to stab", () => {
  test("as the series has it, half-way and at the needle", () => {
    const sheet = worked(loin());
    const { contact, soak } = sheet;
    if (contact.kind !== "within") throw new Error("contact");
    const core = Math.sqrt(contact.coreShare);
    const radiusM = 0.02 / Math.sqrt(Math.PI);
    expect(soak.body.halfThicknessM).toBeCloseTo(radiusM, 9);
    for (const hours of [2, 8, 24, 72])
      for (const at of [0, 0.5, 1]) {
        const fourier = (soak.diffusivityM2PerS * hours * 3600) / radiusM ** 2;
        const expected =
          contact.restPerWater +
          (contact.corePerWater - contact.restPerWater) * spreadFrom(core, at, fourier);
        const moment = momentAt(soak.run, hours * 3600);
        const step = contact.corePerWater - contact.restPerWater;
        expect(Math.abs(perWaterAt(soak.run.grid, moment, at) - expected) / step).toBeLessThan(0.004);
      }
  });

  test("its salt is all in the flesh from the start, whatever the hour, and what ran out is not eaten", () => {
    const sheet = worked(loin());
    for (const hours of [0, 1, 20, 90]) {
      const { ledger, meanFraction } = outcomeAt(sheet, hours, 8);
      expect(meanFraction).toBeCloseTo(0.014, 5);
      expect(endG(ledger, "runOut")).toBeCloseTo(0.2 * sheet.naclG, 4);
      expect(ledger.shareOfFood).toBeCloseTo(0.014, 5);
    }
  });

  test("richest at the needle, leanest half-way, and they come together", () => {
    const sheet = worked(loin());
    const [early, late] = [1, 40].map((hours) => outcomeAt(sheet, hours, 8));
    expect(early.surfaceFraction).toBeGreaterThan(early.meanFraction);
    expect(early.centreFraction).toBeLessThan(early.meanFraction);
    expect(late.evenness).toBeGreaterThan(early.evenness);
    expect(early.outerThirdFraction).toBeGreaterThan(early.meanFraction);
  });

  test("ready in time that goes with the square of the distance; even later than seasoned", () => {
    const readyAt = (spacingMm: number, readiness: Formulation["readiness"]) =>
      worked(loin({ spacingMm }, { readiness })).soak.window.ready.likely ?? Infinity;
    expect(readyAt(20, "seasoned") / readyAt(10, "seasoned")).toBeCloseTo(4, 1);
    expect(readyAt(20, "even")).toBeGreaterThan(readyAt(20, "seasoned"));
    expect(readyAt(20, "outside")).toBe(readyAt(20, "seasoned"));
  });

  test("thickness and skin do not count, warmth does", () => {
    const { window } = worked(loin()).soak;
    const thicker = loin();
    expect(
      worked({ ...thicker, pieces: { ...thicker.pieces, thicknessMm: 120, skin: true } }).soak.window,
    ).toEqual(window);
    const warm = loin({}, { holding: { ...loin().holding, temperatureC: 8 } });
    expect(worked(warm).soak.window.ready.likely).toBeLessThan(window.ready.likely ?? 0);
  });

  test("the soft edges hold how unevenly a hand stabs", () => {
    const f = loin();
    const sheet = worked(f);
    const { ready } = ensembleWindow(f, sheet.load).window;
    const likely = sheet.soak.window.ready.likely ?? 0;
    expect(ready.early).toBeLessThan(0.8 * likely);
    expect(ready.late).toBeGreaterThan(1.2 * likely);
    expect(ready.likely).toBeGreaterThan(0.85 * likely);
    expect(ready.likely).toBeLessThan(1.15 * likely);
  });

  test("how far apart the stabs are matters most of all, and nothing that is not asked of it is offered", () => {
    const f = loin();
    const all = sensitivities(f, worked(f).load);
    expect(all.map((s) => s.input)).not.toContain("thickness");
    // 15 % further apart: a third longer.
    const further = all.find((s) => s.input === "spacing");
    const likely = worked(f).soak.window.ready.likely ?? 0;
    expect((further?.hoursMore ?? 0) / likely).toBeCloseTo(Math.exp(0.3) - 1, 1);
    expect(whatIfsFor(f).map((w) => w.id)).toEqual(["as_is", "equilibrium", "timed", "dry"]);
    expect(worked(f).soak.window.lacks).toBe("meeting");
    expect(withPreparation({ ...f, readiness: "outside" }, "injection").readiness).toBe("seasoned");
  });

  test("its band is what runs out again: a tenth of what came in, two times in three", () => {
    const sheet = worked(loin());
    const { fraction, low, high } = fleshSaltAt(sheet, outcomeAt(sheet, 12, 8), 12);
    const added = fraction - sheet.soaked.nativeSaltFraction;
    expect((high - fraction) / added).toBeCloseTo(0.1, 3);
    expect((fraction - low) / added).toBeCloseTo(0.1, 3);
  });

  test("a brine mixed stronger starts stronger at the needle, and as it was between", () => {
    const f = loin();
    const { load } = worked(f);
    const at = (strengthFactor: number) => soakProblem(f, load, { ...AS_LIKELY, strengthFactor });
    expect((at(1.1).core?.perWater ?? 0) / (at(1).core?.perWater ?? 1)).toBeCloseTo(1.1, 9);
    expect(at(1.1).initialPerWater).toBe(at(1).initialPerWater);
  });

  test("its hours are sought, its strength follows by itself, a plan may stretch it, and nothing is too much", () => {
    const f = loin();
    expect(followsByItself(f, "strength")).toBe(true);
    expect(followsByItself(f, "hours")).toBe(false);
    expect(mayStretch(f)).toBe(true);
    expect(worked(f).excess).toBe(false);
    const sought = solveThird(f, "hours", {});
    expect(sought.ok && sought.input.pullH).toBe(worked(f).soak.window.ready.likely);
    // A dose by the weight of the meat goes with it from dry salt.
    const dry = { ...withPreparation(f, "dry"), salt: { mode: "percent" as const, fraction: 0.013 } };
    expect(withPreparation(dry, "injection").salt).toEqual(dry.salt);
    // The small drawing of a way knows no depth.
    const [way] = waysFor(f, 24).filter((w) => w.choice === "injection");
    expect(new Set(way.profile).size).toBe(1);
    expect(way.profile[0]).toBeCloseTo(0.014, 4);
  });

  test("on the plate it has spread further and lost nothing; no rinse touches it", () => {
    const f = loin({}, { pullH: 12, rinse: { minutes: 60 } });
    const sheet = worked(f);
    const served = onThePlate(f, sheet.load, cookOf(f, sheet.food));
    if (!served.ok) throw new Error(served.error.field);
    const { atPull, served: plate } = served.value;
    expect(plate.mean).toBeCloseTo(atPull.mean, 9);
    expect(plate.surface).toBeGreaterThan(atPull.surface);
    expect(sheet.rinseMin).toBeUndefined();
    expect(outcomeAt(sheet, 12, 8).toHeat.meanFraction).toBeCloseTo(0.014, 5);
  });

  test("it weighs what went in more, and says how sure that is", () => {
    const sheet = worked(loin());
    const y = yieldOf(loin(), sheet, outcomeAt(sheet, 12, 8));
    // A tenth went in, a fifth of that ran out.
    expect(y?.takenOutG.likely).toBeCloseTo(1.08 * sheet.foodG, -1);
    // A fifth of the water that stays, either way.
    const doubtG = 0.2 * (sheet.soaked.massG - sheet.flesh.massG);
    expect((y?.takenOutG.likely ?? 0) - (y?.takenOutG.low ?? 0)).toBeCloseTo(doubtG, 6);
    expect((y?.takenOutG.high ?? 0) - (y?.takenOutG.likely ?? 0)).toBeCloseTo(doubtG, 6);
  });
});

const line = (ingredientId: string, amountG: number) => ({
  ingredientId,
  amountG,
  scalesWith: "foodMass" as const,
  optional: false,
});
