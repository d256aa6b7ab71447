import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formula/model";
import { act, type Act, type WorkedBatch } from "./act";
import { afterActs } from "./after-acts";
import { beforeActs } from "./before-acts";

/** Turned or stirred so often, h, unless it lies in a crust or dry. *Practice*: about every eight hours. */
const TURN_EVERY_H = 8;
/** A cooler is looked at so often, h (hazard table). */
const ICE_EVERY_H = 4;
const HOUR = 60;

/** Everything a batch asks of the cook, in kitchen order; only what applies. */
export function actsFor(input: Formulation, sheet: Formulated): Act[] {
  const batch = { input, sheet };
  return [...beforeActs(batch), goIn(batch), ...whileIn(batch), ...afterActs(batch)];
}

const GO_IN: Record<Formulation["preparation"]["kind"], [string, string, string?]> = {
  wetBrine: ["Submerge the food", "What stands out stays unsalted.", "All of it under, a plate on top."],
  dryBrine: [
    "Salt every face, and onto the rack",
    "Uncovered, so that the surface dries.",
    "More where it is thick.",
  ],
  marinade: [
    "Into the marinade, close about it",
    "Liquid standing beside the food is wasted.",
    "No air pockets.",
  ],
  paste: [
    "Coat it all over",
    "A thin, even coat holds; a thick one slides.",
    "It stays when the piece is held up.",
  ],
  rub: ["Rub it on, every face", "What does not stick falls off, and its salt with it.", "No bare spots."],
  saltCrust: [
    "Bed, food, cover: pack the crust, and into the oven",
    "The crust is a vessel.",
    "No cracks; the same thickness all over.",
  ],
  cure: ["Bury it in the cure, flesh down", "Minutes count: set the clock now.", "All the flesh covered."],
};

function goIn({ input }: WorkedBatch): Act {
  const [title, why, look] = GO_IN[input.preparation.kind];
  return act("go_in", "goIn", 0, 5, title, why, look);
}

/** What is done while it stands; the night is the plan's business, not the list's. */
function whileIn({ input, sheet }: WorkedBatch): Act[] {
  if (sheet.crust) return [];
  const acts: Act[] = [];
  const wet = sheet.liquidMl > 0;
  for (let h = TURN_EVERY_H; wet && h < input.pullH - 1; h += TURN_EVERY_H)
    acts.push(
      act(
        `turn_${h}`,
        "turn",
        h * HOUR,
        3,
        "Turn it, press it under again",
        "Spent liquid lies against the food and slows the salt.",
      ),
    );
  if (input.holding.place === "cooler")
    for (let h = ICE_EVERY_H; h < input.pullH; h += ICE_EVERY_H)
      acts.push(
        act(
          `ice_${h}`,
          "ice",
          h * HOUR,
          3,
          "Look at the ice, top it up",
          "Ice melts; raw food stays at 4 °C or below.",
          "The thermometer reads 4 °C or less.",
        ),
      );
  return acts.sort((a, b) => a.atMin - b.atMin);
}
