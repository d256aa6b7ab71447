import { EATS_METAL_PH } from "../materials/official";
import { fridgeMiss } from "../vessel/vessel";
import { hazardRule, stands, type Rule } from "./rule";

const REACTIVE: Record<string, string> = {
  aluminium: "Aluminium",
  bare_iron: "Bare iron",
  copper: "Copper",
};

/** Room a vessel should have above food and brine, share. *Practice* (hazard table). */
const ROOM = 1.15;

export const VESSEL_RULES: readonly Rule[] = [
  hazardRule("reactive_metal", {
    because: "{{metal}} and {{what}} for {{pullH}} h: it eats the metal.",
    check: (c) => {
      const { input, sheet } = c;
      const metal = REACTIVE[input.vessel.material];
      const sour = sheet.mix?.pH !== undefined && sheet.mix.pH < EATS_METAL_PH;
      return metal && stands(c) && input.pullH > 0.5
        ? { metal, pullH: input.pullH, what: sour ? "acid and salt" : "salt" }
        : undefined;
    },
  }),
  hazardRule("non_food_bucket", {
    because: "The vessel is not known to be food-grade.",
    check: ({ input }) => (input.vessel.material === "unknown_plastic" ? {} : undefined),
  }),
  hazardRule("not_submerged", {
    because: "{{exposedMm}} mm of the food stands out of the brine.",
    instead:
      "More water, a narrower vessel or a bag, or lay the pieces flat; turn every 8 h if it must stay.",
    check: ({ sheet }) =>
      sheet.brine && sheet.level && sheet.level.exposedMm > 0.5
        ? { exposedMm: sheet.level.exposedMm }
        : undefined,
  }),
  {
    ...hazardRule("not_submerged", {
      because: "Nothing holds the food down; most meat floats a little in brine.",
      instead: "A plate or a sealed bag of water on top.",
      check: ({ input, sheet }) =>
        sheet.brine && sheet.level && sheet.level.exposedMm <= 0.5 && !input.vessel.plate ? {} : undefined,
    }),
    id: "may_float",
    severity: "tip",
    title: "The food may float",
  },
  hazardRule("pan_overflow", {
    because: "Food and brine take {{neededL}} L; the vessel holds {{capacityL}} L.",
    check: ({ sheet }) => {
      const neededMl = sheet.liquidMl + sheet.fit.foodMl;
      return sheet.level && sheet.fit.capacityMl < ROOM * neededMl
        ? { neededL: neededMl / 1000, capacityL: sheet.fit.capacityMl / 1000 }
        : undefined;
    },
  }),
  {
    id: "fridge_fit",
    severity: "caution",
    title: "It does not fit the fridge",
    because: "The vessel is {{floorMm}} mm too long or wide and {{heightMm}} mm too high for the shelf.",
    instead: "A bag or another vessel, a shelf taken out, or a cooler with ice.",
    source: "geometry",
    deferTo: "your own eye",
    check: (c) => {
      const { fridge } = c.kitchen;
      if (!fridge || c.input.holding.place !== "fridge" || !stands(c)) return undefined;
      return fridgeMiss(c.input.vessel, fridge);
    },
  },
];
