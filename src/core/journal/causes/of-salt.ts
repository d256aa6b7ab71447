import { described } from "../../preparations";
import { cause, isCrust, pct, wantedSalt, type Weigh } from "./cause";
import * as words from "@/words/core/journal/causes/of-salt";

export const overPoured: Weigh = (b) =>
  cause(
    "over_poured",
    (b.saltFactor - 1) * 8,
    words.saltWasWeighedOverIts(Math.round((b.saltFactor - 1) * 100)),
    words.weighItAgainstTheBand,
  );

export const hidden: Weigh = (b) => {
  const { ledger } = b.atLift;
  const share =
    ledger.sources
      .filter((s) => s.part !== "food" && s.id !== b.sheet.salt.id)
      .reduce((sum, s) => sum + s.naclG, 0) / Math.max(1e-9, ledger.eatenG);
  return cause(
    "hidden_salt",
    share * 1.5,
    words.ofTheSaltEatenCame(Math.round(share * 100)),
    words.cutTheSaltiestOfThem,
  );
};

const reached = (b: Parameters<Weigh>[0]): number =>
  b.atLift.toHeat.meanFraction / Math.max(1e-6, wantedSalt(b));

export const meanOver: Weigh = (b) =>
  cause(
    "mean_over",
    (reached(b) - 1) * 3,
    words.theFleshHeldWhereWas(pct(b.atLift.toHeat.meanFraction), pct(wantedSalt(b))),
    described(b.input.preparation).words.less,
  );

/** @param weight blandness all through points at the mean more than blandness inside does */
export const meanUnder =
  (weight: number): Weigh =>
  (b) =>
    cause(
      "mean_under",
      (1 - reached(b)) * weight,
      words.itCameOutAtOf({
        meanFraction: pct(b.atLift.toHeat.meanFraction),
        amount: pct(wantedSalt(b)),
        hours: b.hours.toFixed(1),
      }),
      described(b.input.preparation).words.more,
    );

/** In a crust nothing is salted to a figure. */
export const highTarget: Weigh = (b) =>
  isCrust(b)
    ? undefined
    : cause(
        "high_target",
        (wantedSalt(b) - 0.013) * 200,
        words.theSaltAskedForWas(pct(wantedSalt(b))),
        words.askForLess,
      );

export const lowTarget: Weigh = (b) =>
  isCrust(b)
    ? undefined
    : cause(
        "low_target",
        (0.012 - wantedSalt(b)) * 250,
        words.theSaltAskedForWasOfAmount(pct(wantedSalt(b))),
        words.askForMore,
      );

export const surfaceSalt: Weigh = (b) =>
  cause(
    "surface_salt",
    (b.atLift.toHeat.surfaceFraction / Math.max(1e-6, b.atLift.toHeat.meanFraction) - 2) / 4,
    words.theFaceHeldTheMean(pct(b.atLift.toHeat.surfaceFraction), pct(b.atLift.toHeat.meanFraction)),
    words.brushOffEveryGrainAnd(isCrust(b)),
  );

export const centreBehind: Weigh = (b) =>
  cause(
    "centre_behind",
    1 - b.atLift.evenness,
    words.theCentreHeldOfThe(pct(b.atLift.toHeat.centreFraction), Math.round(b.atLift.evenness * 100)),
    isCrust(b) || b.sheet.contact.kind === "within"
      ? described(b.input.preparation).words.more
      : words.mmToGoIsFar(Math.round(b.sheet.soak.body.halfThicknessM * 1000)),
  );

export const tooLong: Weigh = (b) => {
  const ended = b.sheet.soak.window.past.likely ?? b.sheet.keep.hours;
  return cause(
    "too_long",
    b.hours / Math.max(0.1, ended) - 0.6,
    words.hTheWindowEndedAt(b.hours.toFixed(1), ended.toFixed(1)),
    words.openItWhenItsProbe(isCrust(b)),
  );
};

export const overAcid: Weigh = (b) => {
  const pH = b.sheet.mix?.pH;
  const limit = b.sheet.keep.hours;
  return pH === undefined
    ? undefined
    : cause(
        "over_acid",
        b.hours / Math.max(0.1, limit) - 0.5 + (4 - pH) * 0.2,
        words.forHIsTheMost({ pH: pH.toFixed(1), hours: b.hours.toFixed(1), limit }),
        words.sharpAcidInTheLast,
      );
};
