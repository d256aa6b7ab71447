import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formula/model";
import { cookOffered } from "../formula/plate";
import { act, inARow, type Act, type WorkedBatch } from "./act";
import { cookActs } from "./cook-acts";
import { cookedParts } from "./cook-parts";
import { cookMinutes, stagesOf } from "./cook-stages";

const HOUR = 60;
/** A wet skin stands bare so long at least before the heat, where there is time. *Practice*. */
const AIR_DRY_MIN = 60;

/** From the lift-out to the table and the fridge. */
export function afterActs({ input, sheet }: WorkedBatch): Act[] {
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
