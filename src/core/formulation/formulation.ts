import type { Readiness } from "../diffusion/readiness";
import type { OwnMaterials } from "../materials/pantry";
import type { Vessel } from "../vessel/vessel";
import type { Cook, HeatHere } from "./cook";
import type { Companion, FormulaLine, Reserve } from "./lines";
import type { Alongside, Pieces } from "./pieces";
import type { Preparation, SaltGiven } from "./preparation";

export type Water = { mode: "chosen"; massG: number } | { mode: "toCover" };

export interface Holding {
  place: "fridge" | "cooler" | "counter";
  /** Where the soak stands, °C. */
  temperatureC: number;
  /** The brine when the food goes in, °C. */
  brineStartC: number;
  before: "patDry" | "rinse";
  covered: boolean;
  /** Nobody stirs or turns it: a film of spent brine slows the salt. Left out: stirred now and then. */
  still?: boolean | undefined;
}

/** Whether a plan may move the hours of a soak: the cook's own hold, or they may stretch between two. */
export type SoakHours =
  | { mode: "hold" }
  /** Left out: as early as it is seasoned, as late as it keeps. */
  | { mode: "stretch"; leastH?: number | undefined; mostH?: number | undefined };

/** Everything the cook decides: what a formula version stores and a batch is computed from. */
export interface Formulation {
  name: string;
  notes: string;
  foodId: string;
  pieces: Pieces;
  /** Left out: all pieces are of one size. */
  alongside?: Alongside[] | undefined;
  /** The bath is sour (vinegar, citrus, buttermilk): how deep acid goes is shown. */
  sour?: boolean | undefined;
  saltId: string;
  /** Left out: as much as brings the wanted salt. */
  salt?: SaltGiven | undefined;
  preparation: Preparation;
  water: Water;
  vessel: Vessel;
  /** Sugar per salt, g/g; 0 for none. */
  sugarPerSalt: number;
  sugarId: string;
  /** What goes in beside the salt, each with its own scaling law. */
  lines: FormulaLine[];
  companions?: Companion[] | undefined;
  reserve?: Reserve | undefined;
  /** The skin comes off before it is eaten, and the salt that lies on it goes with it. */
  skinOff?: boolean | undefined;
  /** Salted once more when it is cooked, share of the edible weight; left out: not. */
  secondSaltFraction?: number | undefined;
  /** Eaten without cooking. */
  servedRaw?: boolean | undefined;
  /** This kitchen's own entries and measurements among the materials named, as they were when it was worked out. */
  own?: OwnMaterials | undefined;
  /** What this kitchen's probes taught of its heat and the cook took for true, as it was when it was worked out. */
  heatHere?: HeatHere | undefined;
  holding: Holding;
  readiness: Readiness;
  /** Planned lift-out, hours after the start. */
  pullH: number;
  /** Left out: brines may stretch, everything else holds. */
  hours?: SoakHours | undefined;
  /** Stands in fresh water after it is taken out, min; left out: not rinsed. */
  rinse?: { minutes: number } | undefined;
  /** Left out, a usual cook for the food is taken. */
  cook?: Cook | undefined;
  portions: number;
}
