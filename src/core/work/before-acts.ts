import { checklistFor } from "../formula/checklist";
import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formula/model";
import { coldWaterThawMin, fridgeThawH } from "../heat/thaw";
import { act, inARow, type Act, type WorkedBatch } from "./act";

const HOUR = 60;

function thawMinutes({ pieces }: Formulation): number {
  const pieceG = pieces.totalMassG / pieces.count;
  if (pieces.thaw === "fridge") return fridgeThawH(pieceG).high * HOUR;
  return pieces.thaw === "coldWater" ? coldWaterThawMin(pieceG) : 0;
}

/** Thaw, the checklist of this food, weighing and mixing, counted back from going in. */
export function beforeActs({ input, sheet }: WorkedBatch): Act[] {
  const wet = sheet.brine !== undefined;
  const mixed = sheet.mix !== undefined || sheet.crust !== undefined;
  const ready: Act[] = [
    act(
      "weigh_out",
      "weighOut",
      0,
      10,
      "Weigh everything out",
      "Salt by the scale, not by the eye: every line against its figure.",
    ),
    ...(wet
      ? [
          act(
            "dissolve",
            "mix",
            0,
            10,
            "Dissolve the salt in a little hot water",
            "It dissolves in minutes hot, in an hour cold.",
            "No grains left on the bottom.",
          ),
          act(
            "chill_brine",
            "chill",
            0,
            5,
            "Ice to finish: chill the brine to 4 °C",
            "Never put food into a warm brine.",
            "A thermometer in it reads 4 °C or less.",
          ),
        ]
      : []),
    ...(mixed ? [mixAct(sheet)] : []),
  ];
  const checks = checklistFor(input, sheet)
    .filter((item) => !item.id.startsWith("thaw_"))
    .map((item) =>
      act(
        `check_${item.id}`,
        item.id.startsWith("inspect") || item.id === "label" ? "inspect" : "clean",
        0,
        5,
        fillIn(item.act, item.data),
        fillIn(item.why, item.data),
        item.look,
      ),
    );
  const order = [...checks, ...ready];
  const thawMin = thawMinutes(input);
  const handsMin = order.reduce((sum, a) => sum + a.minutes, 0);
  const thaw =
    thawMin > 0
      ? [
          act(
            "thaw",
            "thaw",
            -(handsMin + thawMin),
            thawMin,
            input.pieces.thaw === "fridge"
              ? "Into the fridge to thaw, on a tray"
              : "Into cold water to thaw, sealed",
            input.pieces.thaw === "fridge"
              ? "24 h for each 4 to 5 lb."
              : "30 min a pound; change the water every 30 min.",
            "Nothing hard at the middle.",
          ),
        ]
      : [];
  return [...thaw, ...inARow(order, -handsMin)];
}

function mixAct({ crust, paste }: Formulated): Act {
  if (crust)
    return act(
      "mix",
      "mix",
      0,
      10,
      "Damp the salt, by steps",
      "Too dry it crumbles, too wet it sets hard and salts the food.",
      "A squeezed handful holds its shape.",
    );
  if (paste)
    return act(
      "mix",
      "mix",
      0,
      10,
      "Stir the paste, binder by steps",
      "It must cling to slippery food.",
      "It holds on the spoon.",
    );
  return act(
    "mix",
    "mix",
    0,
    5,
    "Mix it",
    "Salt first into the wet part, oil last.",
    "No salt on the bottom.",
  );
}

const fillIn = (text: string, data: Record<string, number | string> = {}) =>
  text.replace(/\{\{(\w+)\}\}/g, (_, key: string) => String(data[key]));
