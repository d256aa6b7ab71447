import { whitesSaid } from "../formula/weigh/whites";
import { isPoor } from "../materials/facts";
import { cracks } from "../vessel/crust-shell";
import { hazardRule, type Rule } from "./rule";

const isCrust = (kind: string) => kind === "saltCrust";

export const CRUST_RULES: readonly Rule[] = [
  hazardRule("crust_steam", {
    because: "A crust is opened hot: steam and shards come out.",
    check: ({ input }) => (isCrust(input.preparation.kind) ? {} : undefined),
  }),
  hazardRule("raw_egg_white", {
    because: "{{whites}} egg whites go into the crust raw.",
    check: ({ sheet }) =>
      sheet.crust && sheet.crust.eggWhites > 0 ? { whites: whitesSaid(sheet.crust.eggWhites) } : undefined,
  }),
  {
    id: "fine_salt_crust",
    severity: "caution",
    title: "This salt makes a poor crust",
    because: "{{salt}} in a crust: {{fit}}. Fine salt packs hard, sets like stone and salts the flesh more.",
    instead: "Coarse sea salt or dense rolled crystals.",
    source: "common practice, no source",
    deferTo: "your own record",
    check: ({ input, sheet }) =>
      isCrust(input.preparation.kind) && isPoor(sheet.salt.gradeSaltCrust)
        ? { salt: sheet.salt.name, fit: sheet.salt.fitSaltCrust }
        : undefined,
  },
  {
    id: "thin_crust",
    severity: "caution",
    title: "Thin enough to crack",
    because: "{{overMm}} mm over the food. It cracks, dries and lets the steam out.",
    instead: "About 12 mm over and 6 to 8 mm under; more is safer than less.",
    source: "common practice, no source",
    deferTo: "your own record",
    check: ({ sheet: { crust } }) =>
      crust && cracks(crust) ? { overMm: Number(crust.overMm.toFixed(1)) } : undefined,
  },
  {
    id: "crust_below_rule",
    severity: "tip",
    title: "Less salt than the 1.6 to 1 rule",
    because:
      "{{saltG}} g in this crust, {{ruleG}} g by the rule. At {{packed}} g/ml packed the rule's weight makes an even crust of {{evenMm}} mm; yours lies {{overMm}} mm over and {{underMm}} mm under.",
    instead: "Have the rule's weight at hand, pack to the measured thickness, and keep what is over.",
    source: "common practice, no source; geometry",
    deferTo: "your own eye",
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
    title: "The tray is too small for the crust",
    because:
      "The crust needs {{lengthMm}} × {{widthMm}} mm; the tray is {{haveLengthMm}} × {{haveWidthMm}} mm.",
    instead: "A larger tray, two trays, or head and tail left out.",
    source: "geometry",
    deferTo: "your own eye",
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
    because: "{{food}} whole: fins, spines and bones cut.",
    check: ({ sheet: { food } }) =>
      food.group === "fish" && food.form === "whole" ? { food: food.name } : undefined,
  }),
  {
    id: "not_preserving",
    severity: "caution",
    title: "This cure does not keep food",
    because:
      "{{pullH}} h under salt and sugar seasons and firms it. It is still raw, and keeps no longer than raw.",
    instead: "Cook it, or chill and eat it as fresh fish. Curing to keep follows licensed guidance.",
    source: "FDA fish guidance; common practice (recalled)",
    deferTo: "Follow FDA / local food authority where it differs; this text is no official advice.",
    check: ({ input }) => (input.preparation.kind === "cure" ? { pullH: input.pullH } : undefined),
  },
  hazardRule("salt_burn_toxic", {
    because: "Used brine, cure or crust holds {{saltG}} g of salt.",
    severity: "tip",
    check: ({ sheet }) =>
      sheet.naclG > 300 || sheet.excess ? { saltG: Math.round(sheet.naclG) } : undefined,
  }),
];

const sorted = (a: number, b: number): [number, number] => [Math.max(a, b), Math.min(a, b)];
