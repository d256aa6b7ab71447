import { checklistFor } from "../formula/checklist";
import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formula/model";
import { cookOffered } from "../formula/plate";
import { coldWaterThawMin, fridgeThawH } from "../heat/thaw";
import type { Act, ActKind } from "./act";
import { cookActs } from "./cook-acts";
import { cookedParts } from "./cook-parts";
import { cookMinutes, stagesOf } from "./cook-stages";

/** Turned or stirred so often, h, unless it lies in a crust or dry. *Practice*: about every eight hours. */
const TURN_EVERY_H = 8;
/** A cooler is looked at so often, h (hazard table). */
const ICE_EVERY_H = 4;
const HOUR = 60;
/** A wet skin stands bare so long at least before the heat, where there is time. *Practice*. */
const AIR_DRY_MIN = 60;

interface Clock {
  /** Minutes before going in that the clean-up begins, and the lines that go with it. */
  input: Formulation;
  sheet: Formulated;
}

/** Everything a batch asks of the cook, in kitchen order; only what applies. */
export function actsFor(input: Formulation, sheet: Formulated): Act[] {
  const clock = { input, sheet };
  return [...beforeActs(clock), goIn(clock), ...whileIn(clock), ...afterActs(clock)];
}

const act = (
  id: string,
  kind: ActKind,
  atMin: number,
  minutes: number,
  title: string,
  why: string,
  look?: string,
): Act => ({ id, kind, atMin, minutes, title, why, handsOn: minutes <= 30, ...(look && { look }) });

function thawMinutes({ pieces }: Formulation): number {
  const pieceG = pieces.totalMassG / pieces.count;
  if (pieces.thaw === "fridge") return fridgeThawH(pieceG).high * HOUR;
  return pieces.thaw === "coldWater" ? coldWaterThawMin(pieceG) : 0;
}

/** Thaw, the checklist of this food, weighing and mixing, counted back from going in. */
function beforeActs({ input, sheet }: Clock): Act[] {
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

/** One after another from a minute on. */
function inARow(acts: readonly Act[], fromMin: number): Act[] {
  let at = fromMin;
  return acts.map((a) => {
    const placed = { ...a, atMin: at };
    at += a.minutes;
    return placed;
  });
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

function goIn({ input }: Clock): Act {
  const [title, why, look] = GO_IN[input.preparation.kind];
  return act("go_in", "goIn", 0, 5, title, why, look);
}

/** What is done while it stands; the night is the plan's business, not the list's. */
function whileIn({ input, sheet }: Clock): Act[] {
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

/** From the lift-out to the table and the fridge. */
function afterActs({ input, sheet }: Clock): Act[] {
  const cook = input.cook ?? cookOffered(sheet.load, input.pieces.thicknessMm);
  const stages = stagesOf(input, cook);
  const crust = sheet.crust !== undefined;
  const outMin = input.pullH * HOUR;
  const row: Act[] = crust ? [] : [liftAct(input), ...finishActs(input, sheet)];
  const readyMin = outMin + row.reduce((sum, a) => sum + a.minutes, 0);
  const cookStart = crust ? 0 : readyMin;
  const cookEnd = cookStart + (crust ? outMin : cookMinutes(stages));
  const [whole, ...parts] = cookedParts(input, sheet, cook);
  const rested = cookEnd + cook.restMin;
  return [
    ...inARow(row, outMin),
    act(
      "preheat",
      "preheat",
      Math.min(cookStart - 20, readyMin - 20),
      20,
      `Heat the oven to ${stages[0].ovenC} °C`,
      "An oven takes longer than its lamp says.",
    ),
    ...cookActs(input, stages, cookStart, cookEnd, crust),
    act(
      "probe",
      "probe",
      cookEnd - Math.min(15, (cookEnd - cookStart) / 3),
      5,
      `Probe: ${cook.toC} °C in the thickest part${crust ? ", through the crust" : ""}`,
      `The thermometer decides. Out of the heat it still climbs about ${Math.round(whole.rise.likely)} °C.`,
      sheet.food.safeMinC === null ? undefined : `Official minimum ${sheet.food.safeMinC} °C.`,
    ),
    ...parts.map((part) =>
      act(
        `part_${part.channel}`,
        "probe",
        cookStart + part.minutes - 5,
        5,
        `Probe the ${part.name}: out at ${Math.round(part.pullC)} °C`,
        `It comes out by itself, and rests up to ${part.toC} °C while the others go on.`,
        sheet.food.safeMinC === null ? undefined : `Official minimum ${sheet.food.safeMinC} °C.`,
      ),
    ),
    act(
      "rest",
      "rest",
      cookEnd,
      cook.restMin,
      crust ? "Rest it in its crust" : "Rest it, loosely tented",
      "Juice settles; the middle still climbs.",
    ),
    act(
      "serve",
      "serve",
      rested,
      10,
      crust ? "Crack round the side, lift off, brush salt away" : "Carve and serve",
      crust ? "Steam comes out: face away, gloves." : "Across the grain, on a clean board.",
      crust ? "A clean knife; no salt on the flesh." : undefined,
    ),
    act(
      "chill_leftovers",
      "store",
      rested + 2 * HOUR,
      5,
      "Chill what is left, in shallow boxes",
      "Within two hours of the heat; 4 °C or below.",
    ),
  ];
}

const liftAct = ({ preparation: { kind } }: Formulation): Act =>
  act(
    "lift_out",
    "liftOut",
    0,
    5,
    kind === "dryBrine" || kind === "rub" ? "Off the rack" : "Lift it out",
    "The window says when; a taste says whether.",
  );

/** Rinse or not, dry, air-dry, salt once more. */
function finishActs(input: Formulation, sheet: Formulated): Act[] {
  const p = input.preparation;
  const acts: Act[] = [];
  if (p.kind === "cure")
    acts.push(
      act(
        "finish",
        "finish",
        0,
        5,
        p.finish === "rinse" ? "Rinse the cure off" : "Brush the cure off",
        "What stays on goes on salting.",
      ),
    );
  if (p.kind === "wetBrine" && p.school === "timed")
    acts.push(
      act(
        "finish",
        "finish",
        0,
        15,
        "Rinse, and stand in fresh water for a quarter of an hour",
        "A strong brine leaves salt at the surface; an equilibrium brine needs no rinse.",
      ),
    );
  if (p.kind === "marinade")
    acts.push(
      act(
        "finish",
        "finish",
        0,
        5,
        "Wipe it off, leave a thin film",
        "Wet coats steam, sugary ones burn; what is wiped off is boiled or thrown away.",
      ),
    );
  if (p.kind !== "paste" && p.kind !== "rub")
    acts.push(
      act(
        "dry",
        "dry",
        0,
        5,
        "Pat it dry",
        "Wet food sheds oil and will not brown.",
        sheet.food.skin ? "Skin like paper." : undefined,
      ),
    );
  if (sheet.food.skin && p.kind === "wetBrine")
    acts.push({
      ...act(
        "air_dry",
        "dry",
        0,
        AIR_DRY_MIN,
        "Air-dry it bare on a rack in the fridge",
        "A brined skin browns only once it is dry.",
        "Skin like paper.",
      ),
      handsOn: false,
    });
  if ((input.secondSaltFraction ?? 0) > 0)
    acts.push(act("season", "season", 0, 3, "Salt the surface once more", "The ledger counts it."));
  return acts;
}
