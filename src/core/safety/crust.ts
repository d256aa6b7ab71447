import { whitesSaid } from "../formula/weigh/whites";
import { isPoor } from "../materials/facts";
import { cracks } from "../vessel/crust-shell";
import { hazardRule, type Rule } from "./rule";
import * as words from "@/words/core/safety/crust";

const isCrust = (kind: string) => kind === "saltCrust";

export const CRUST_RULES: readonly Rule[] = [
  hazardRule("crust_steam", {
    ...words.crustSteam,
    check: ({ input }) => (isCrust(input.preparation.kind) ? {} : undefined),
  }),
  hazardRule("raw_egg_white", {
    ...words.rawEggWhite,
    check: ({ sheet }) =>
      sheet.crust && sheet.crust.eggWhites > 0 ? { whites: whitesSaid(sheet.crust.eggWhites) } : undefined,
  }),
  {
    id: "fine_salt_crust",
    severity: "caution",
    ...words.fineSaltCrust,
    check: ({ input, sheet }) =>
      isCrust(input.preparation.kind) && isPoor(sheet.salt.gradeSaltCrust)
        ? { salt: sheet.salt.name, fit: sheet.salt.fitSaltCrust }
        : undefined,
  },
  {
    id: "thin_crust",
    severity: "caution",
    ...words.thinCrust,
    check: ({ sheet: { crust } }) =>
      crust && cracks(crust) ? { overMm: Number(crust.overMm.toFixed(1)) } : undefined,
  },
  {
    id: "crust_below_rule",
    severity: "tip",
    ...words.crustBelowRule,
    check: ({ sheet: { crust } }) =>
      crust && crust.saltG < 0.85 * crust.ruleG
        ? {
            saltG: crust.saltG,
            ruleG: crust.ruleG,
            packed: crust.packedGPerMl,
            evenMm: Math.round(crust.ruleEvenMm),
            overMm: Number(crust.overMm.toFixed(1)),
            underMm: crust.underMm,
          }
        : undefined,
  },
  {
    id: "tray_too_small",
    severity: "caution",
    ...words.trayTooSmall,
    check: ({ input: { vessel }, sheet: { crust } }) => {
      if (!crust || vessel.shape !== "tray") return undefined;
      const [long, short] = sorted(crust.tray.lengthMm, crust.tray.widthMm);
      const [haveLong, haveShort] = sorted(vessel.lengthMm, vessel.widthMm);
      return long > haveLong || short > haveShort
        ? { lengthMm: long, widthMm: short, haveLengthMm: haveLong, haveWidthMm: haveShort }
        : undefined;
    },
  },
  hazardRule("sharp_fins", {
    ...words.sharpFins,
    check: ({ sheet: { food } }) =>
      food.group === "fish" && food.form === "whole" ? { food: food.name } : undefined,
  }),
  {
    id: "not_preserving",
    severity: "caution",
    ...words.notPreserving,
    check: ({ input }) => (input.preparation.kind === "cure" ? { pullH: input.pullH } : undefined),
  },
  hazardRule("salt_burn_toxic", {
    ...words.saltBurnToxic,
    severity: "tip",
    check: ({ sheet }) =>
      sheet.naclG > 300 || sheet.excess ? { saltG: Math.round(sheet.naclG) } : undefined,
  }),
];

const sorted = (a: number, b: number): [number, number] => [Math.max(a, b), Math.min(a, b)];
