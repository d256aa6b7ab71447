import { diffusivityAt, fleshBody, type FleshBody } from "../../diffusion/flesh-body";
import type { PaceProfile } from "../../diffusion/pace";
import type { SoakOptions } from "../../diffusion/run";
import type { Stage } from "../../diffusion/stages";
import type { Formulation } from "../../formulation";
import { isRoast, isWhole } from "../../materials/facts";
import type { Food } from "../../materials/types";
import { saltPerWater, saturationFraction } from "../../solution/sodium-chloride";
import { pieceSize } from "../../vessel/piece-size";
import type { Flesh } from "../weigh/equilibrium";
import type { Bake, Contact } from "../weigh/prepared";
import { FLESH_SIDE_SHARE, saltedFaces } from "../weigh/salted-faces";
import { lotsOf } from "./lots";
import type { KeepLimit } from "./keep-limit";
import { thawingOf, type Thawing } from "./thawing";
import { bathWarmth, coolingPace, warmingPace, type BathWarmth } from "./warming";
import { HOUR_S, RAIL_TO_H } from "./window";

/** What the soak starts from, already weighed: salt and water are grams of NaCl and of water. */
export interface SoakLoad {
  food: Food;
  flesh: Flesh;
  saltG: number;
  waterG: number;
  targetPerWater: number;
  contact: Contact;
  keep: KeepLimit;
  /** Only some of the salt is meant to go in. */
  excess: boolean;
  /** Done by the clock, not by the salt. */
  bake?: Bake | undefined;
  /** What readings taught of this food here: its diffusivity over the table's. */
  rateFactor: number;
  /** Share of the flesh that is in the main pieces; the rest lies alongside. */
  mainShare: number;
}

/** One way the real soak may differ from the likely one. */
export interface Variation {
  thickerMm: number;
  diffusivityFactor: number;
  strengthFactor: number;
}

export const AS_LIKELY: Variation = { thickerMm: 0, diffusivityFactor: 1, strengthFactor: 1 };

/** A soak ready to run: what the engine takes. */
export interface SoakProblem {
  body: FleshBody;
  diffusivityM2PerS: number;
  stage: Stage;
  initialPerWater: number;
  /** Salt that lies in the middle of the body at first: its share of the whole, and its strength. */
  core?: { share: number; perWater: number } | undefined;
  /** Of a bath that does not begin at the temperature it is held at. */
  warmth?: BathWarmth;
  /** Of food that goes in frozen; it takes the place of the bath's own warmth. */
  thawing?: Thawing;
}

/** One standard deviation of a measured thickness, mm. *Practice*: a thumb and a ruler on uneven food. */
export const THICKNESS_DOUBT_MM = 2;
/** The same of how far apart a hand stabs, relative. *Practice*, estimate. */
export const SPACING_DOUBT = 0.15;

/** A thickness that was measured wrong by so much, mm: never under half of what was said. */
const thicknessFelt = ({ pieces }: Formulation, thickerMm: number): number =>
  Math.max(pieces.thicknessMm / 2, pieces.thicknessMm + thickerMm);

/** The way salt has to go when its measure is off as a thickness may be by so much, mm; of places within, their distance. */
export const wayFelt = (
  input: Formulation,
  { contact }: Pick<SoakLoad, "contact">,
  thickerMm: number,
): number =>
  contact.kind === "within"
    ? contact.spacingMm * Math.exp((SPACING_DOUBT * thickerMm) / THICKNESS_DOUBT_MM)
    : thicknessFelt(input, thickerMm);

/** Strength in the body at the start, for the engine. */
export const startOf = ({
  initialPerWater,
  core,
}: SoakProblem): NonNullable<SoakOptions["initialPerWater"]> => {
  if (!core) return initialPerWater;
  // The body about such a place is a cylinder: shares of it go with the square of the way out.
  const within = (position: number) => Math.min(core.share, position ** 2);
  return (from, to) => {
    const inCore = (within(to) - within(from)) / (to ** 2 - from ** 2);
    return initialPerWater + inCore * (core.perWater - initialPerWater);
  };
};

/** The engine's own terms for a formulation's soak. */
export function soakProblem(input: Formulation, load: SoakLoad, vary: Variation = AS_LIKELY): SoakProblem {
  const { holding } = input;
  const pieces = lotsOf(input).main;
  if (load.contact.kind === "within") return withinProblem(input, load, load.contact, vary);
  const salted = saltedFaces(input);
  const thicknessMm = thicknessFelt(input, vary.thickerMm);
  const piece = {
    ...pieces,
    thicknessMm,
    faces: salted === "one" ? ("one" as const) : pieces.faces,
    facesApart: salted === "moreOnOne",
    skinOn: skinOf(load.food),
  };
  const at4C = load.food.diffusivityM2PerS * load.rateFactor * vary.diffusivityFactor;
  const d = diffusivityAt(at4C, holding.temperatureC);
  const wet = load.contact.kind === "bath";
  // Salt between two faces lies on no side.
  const form = salted === "moreOnOne" ? "slab" : pieces.shape;
  const body = fleshBody(form, piece, d, {
    size: pieceSize(pieces.shape, pieces.totalMassG / pieces.count, thicknessMm, pieces.lengthMm),
    stillAtC: wet && holding.still ? holding.temperatureC : undefined,
  });
  const common = {
    durationS: RAIL_TO_H * HOUR_S,
    diffusivityM2PerS: d,
    surfaceTransferMPerS: body.surfaceTransferMPerS,
  };
  const thawing = wet
    ? thawingOf(input, {
        food: load.food,
        foodG: load.flesh.massG,
        thicknessMm,
        waterFraction: load.flesh.waterFraction,
        bathWaterG: load.waterG,
        saltG: load.saltG,
      })
    : undefined;
  const warmth = wet && !thawing ? bathWarmth(input, load.waterG + load.saltG, load.flesh.massG) : undefined;
  const pace = thawing?.pace ?? (warmth && coolingPace(warmth, holding.temperatureC));
  return {
    body,
    diffusivityM2PerS: d,
    ...(warmth && { warmth }),
    ...(thawing && { thawing }),
    stage: stageFor(load, holding.temperatureC, vary.strengthFactor, {
      ...common,
      ...(pace && { pace }),
      ...(salted === "moreOnOne" && { upperShare: FLESH_SIDE_SHARE }),
    }),
    initialPerWater: load.flesh.nativeSaltFraction / load.flesh.waterFraction,
  };
}

/**
 * Salt put into the flesh at places that lie so far apart: the flesh about one of them, a square of that width taken as a
 * cylinder of as much; what lies there at first spreads out to half-way.
 */
function withinProblem(
  input: Formulation,
  load: SoakLoad,
  contact: Extract<Contact, { kind: "within" }>,
  vary: Variation,
): SoakProblem {
  const at4C = load.food.diffusivityM2PerS * load.rateFactor * vary.diffusivityFactor;
  const d = diffusivityAt(at4C, input.holding.temperatureC);
  const radiusMm = wayFelt(input, load, vary.thickerMm) / Math.sqrt(Math.PI);
  return {
    body: {
      shape: "cylinder",
      halfThicknessM: radiusMm / 1000,
      pathMm: radiusMm,
      surfaceTransferMPerS: Infinity,
    },
    diffusivityM2PerS: d,
    stage: { kind: "rest", durationS: RAIL_TO_H * HOUR_S, diffusivityM2PerS: d },
    initialPerWater: contact.restPerWater,
    core: { share: contact.coreShare, perWater: contact.corePerWater * vary.strengthFactor },
  };
}

/**
 * A cut piece has skin on one face, a joint its rind on one side; so has the wall of a drawn bird, whose other face is the
 * open cavity. What was left round as it grew, a limb or a whole fish, has it all about.
 */
const skinOf = ({ form, kingdom, shape }: Food): "allFaces" | "oneFace" =>
  (isWhole(form) && kingdom !== "bird") || (shape === "cylinder" && !isRoast(form)) ? "allFaces" : "oneFace";

interface StageBasics {
  durationS: number;
  diffusivityM2PerS: number;
  surfaceTransferMPerS: number;
  pace?: PaceProfile;
  /** Of dry salt that lies unevenly: its share on the flesh side. */
  upperShare?: number;
}

function stageFor(load: SoakLoad, temperatureC: number, strengthFactor: number, basics: StageBasics): Stage {
  const { contact } = load;
  const { upperShare, ...common } = basics;
  const fleshWaterG = load.flesh.massG * load.flesh.waterFraction;
  const saltG = load.saltG * strengthFactor;
  const saturatedPerWater = saltPerWater(saturationFraction(temperatureC));
  if (contact.kind === "crust") return crustStage(contact, saturatedPerWater, common);
  if (contact.kind === "drySalt")
    return {
      kind: "drySalt",
      ...common,
      saltPerFleshWater: saltG / fleshWaterG,
      saturatedPerWater,
      ...(upperShare !== undefined && { upperShare }),
    };
  // The bath cannot be stronger than saturated: what does not dissolve lies in it and feeds it.
  const dissolvedG = Math.min(saltG, saturatedPerWater * load.waterG);
  return {
    kind: "bath",
    ...common,
    waterRatio: load.waterG / fleshWaterG,
    saltPerWater: dissolvedG / load.waterG,
    ...(saltG > dissolvedG && { undissolvedPerFleshWater: (saltG - dissolvedG) / fleshWaterG }),
  };
}

/** Scales or peel lie over the skin: their resistance adds to its. Damp salt never runs out, so its film stays saturated. */
function crustStage(
  contact: Extract<Contact, { kind: "crust" }>,
  saturatedPerWater: number,
  common: StageBasics,
): Stage {
  const barrier = contact.barrierMm / 1000 / common.diffusivityM2PerS;
  const resistance = 1 / common.surfaceTransferMPerS + barrier;
  return {
    kind: "bath",
    ...common,
    surfaceTransferMPerS: resistance > 0 ? 1 / resistance : Infinity,
    waterRatio: Infinity,
    saltPerWater: saturatedPerWater,
    pace: warmingPace(contact.startC, contact.endC, contact.bakeS),
  };
}

/**
 * The problem with the nearest body of one direction, for whoever must run hundreds. What it is off by is the same for all
 * of them, to a few parts in a hundred: their hours are taken in proportion to its own likely ones.
 */
export const reducedProblem = (problem: SoakProblem): SoakProblem => {
  const { body } = problem;
  return body.standIn ? { ...problem, body: { ...body, solid: undefined, ...body.standIn } } : problem;
};
