import { described } from "../../preparations";
import { cause, isCrust, pct, wantedSalt, type Weigh } from "./cause";

export const overPoured: Weigh = (b) =>
  cause(
    "over_poured",
    (b.saltFactor - 1) * 8,
    `Salt was weighed ${Math.round((b.saltFactor - 1) * 100)} % over its line.`,
    "Weigh it against the band, and rebalance when it runs over.",
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
    `${Math.round(share * 100)} % of the salt eaten came from other lines than salt.`,
    "Cut the saltiest of them, or swap it for its unsalted kind.",
  );
};

const reached = (b: Parameters<Weigh>[0]): number =>
  b.atLift.toHeat.meanFraction / Math.max(1e-6, wantedSalt(b));

export const meanOver: Weigh = (b) =>
  cause(
    "mean_over",
    (reached(b) - 1) * 3,
    `The flesh held ${pct(b.atLift.toHeat.meanFraction)} where ${pct(wantedSalt(b))} was wanted.`,
    described(b.input.preparation).words.less,
  );

/** @param weight blandness all through points at the mean more than blandness inside does */
export const meanUnder =
  (weight: number): Weigh =>
  (b) =>
    cause(
      "mean_under",
      (1 - reached(b)) * weight,
      `It came out at ${pct(b.atLift.toHeat.meanFraction)} of ${pct(wantedSalt(b))} wanted, after ${b.hours.toFixed(1)} h.`,
      described(b.input.preparation).words.more,
    );

/** In a crust nothing is salted to a figure. */
export const highTarget: Weigh = (b) =>
  isCrust(b)
    ? undefined
    : cause(
        "high_target",
        (wantedSalt(b) - 0.013) * 200,
        `The salt asked for was itself ${pct(wantedSalt(b))}.`,
        "Ask for about 0.15 % less.",
      );

export const lowTarget: Weigh = (b) =>
  isCrust(b)
    ? undefined
    : cause(
        "low_target",
        (0.012 - wantedSalt(b)) * 250,
        `The salt asked for was itself only ${pct(wantedSalt(b))}.`,
        "Ask for about 0.15 % more.",
      );

export const surfaceSalt: Weigh = (b) =>
  cause(
    "surface_salt",
    (b.atLift.toHeat.surfaceFraction / Math.max(1e-6, b.atLift.toHeat.meanFraction) - 2) / 4,
    `The face held ${pct(b.atLift.toHeat.surfaceFraction)}, the mean ${pct(b.atLift.toHeat.meanFraction)}.`,
    isCrust(b)
      ? "Brush off every grain, and peel the skin at the table."
      : "Rest it once it is out, so that it evens out, or rinse a strong brine.",
  );

export const centreBehind: Weigh = (b) =>
  cause(
    "centre_behind",
    1 - b.atLift.evenness,
    `The centre held ${pct(b.atLift.toHeat.centreFraction)}: ${Math.round(b.atLift.evenness * 100)} % of the mean.`,
    isCrust(b) || b.sheet.contact.kind === "within"
      ? described(b.input.preparation).words.more
      : `${Math.round(b.sheet.soak.body.halfThicknessM * 1000)} mm to go is far: slash it, cut it thinner, or start a day earlier.`,
  );

export const tooLong: Weigh = (b) => {
  const ended = b.sheet.soak.window.past.likely ?? b.sheet.keep.hours;
  return cause(
    "too_long",
    b.hours / Math.max(0.1, ended) - 0.6,
    `${b.hours.toFixed(1)} h; the window ended at ${ended.toFixed(1)} h.`,
    isCrust(b) ? "Open it when its probe says so." : "Take it out inside its window.",
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
        `pH ${pH.toFixed(1)} for ${b.hours.toFixed(1)} h; ${limit} h is the most for this food.`,
        "Sharp acid in the last minutes, or a dairy marinade.",
      );
};
