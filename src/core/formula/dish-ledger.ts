import { sodiumMg } from "./equilibrium";
import type { Formulated } from "./formulate";
import type { LinePart, SheetLine } from "./lines";

/** One thing that brings salt to the dish. */
export interface LedgerSource {
  id: string;
  name: string;
  part: LinePart | "food";
  naclG: number;
  /** Grams of the thing itself. */
  massG: number;
  optional: boolean;
}

export type EndId =
  | "flesh"
  | "rinsed"
  | "stock"
  | "surface"
  | "coat"
  | "reserve"
  | "companions"
  | "vessel"
  | "crust"
  | "takenOff"
  | "fallenOff";

export interface LedgerEnd {
  id: EndId;
  naclG: number;
  /** It comes to the table and is eaten. */
  eaten: boolean;
}

/** The salt of a whole dish. Sources and ends sum to the same. */
export interface DishLedger {
  sources: LedgerSource[];
  ends: LedgerEnd[];
  totalG: number;
  /** Salt that is eaten, g. */
  eatenG: number;
  perPortionG: number;
  sodiumMgPerPortion: number;
  /** Eaten salt over edible food, mass fraction. */
  shareOfFood: number;
}

/** Too little to list, g. */
const TRACE_G = 1e-9;

/** What the flesh holds when it is taken out, what lies on its face undissolved, and what fresh water takes out again; g. */
export interface Taken {
  inFleshG: number;
  onSurfaceG: number;
  rinsedG: number;
}

/** Books every gram of salt of a dish at the moment asked for. */
export function dishLedger(f: Formulated, taken: Taken, portions: number): DishLedger {
  const nativeG = f.flesh.massG * f.flesh.nativeSaltFraction;
  const own: LedgerSource = {
    id: f.food.id,
    name: f.food.name,
    part: "food",
    naclG: nativeG,
    massG: f.flesh.massG,
    optional: false,
  };
  const sources = [own, ...[...f.lines, ...f.companions].map(sourceOf)].filter((s) => s.naclG > TRACE_G);
  const totalG = sources.reduce((sum, s) => sum + s.naclG, 0);
  const ends = endsOf(f, taken, nativeG).filter((e) => Math.abs(e.naclG) > TRACE_G);
  const eatenG = ends.reduce((sum, e) => sum + (e.eaten ? e.naclG : 0), 0);
  return {
    sources,
    ends,
    totalG,
    eatenG,
    perPortionG: eatenG / portions,
    // The bath left in the pot, the crust and what was rinsed off are not eaten.
    sodiumMgPerPortion: sodiumMg(eatenG) / portions,
    shareOfFood: eatenG / f.flesh.massG,
  };
}

const sourceOf = ({ id, name, part, naclG, massG, optional }: SheetLine): LedgerSource => ({
  id: part === "main" ? id : `${part}:${id}`,
  name,
  part,
  naclG,
  massG,
  optional,
});

function endsOf(f: Formulated, { inFleshG, onSurfaceG, rinsedG }: Taken, nativeG: number): LedgerEnd[] {
  const sum = (lines: readonly SheetLine[]) => lines.reduce((total, l) => total + l.naclG, 0);
  const madeG = sum(f.lines);
  const secondG = sum(f.companions.filter((l) => l.part === "secondSalting"));
  /** Reached for, did not enter, does not lie on the face: in the bath, the mixture, the crust or on the tray. */
  const outsideG = f.naclG + nativeG - inFleshG - onSurfaceG;
  const keptG = inFleshG - rinsedG;
  const stockG = keptG * f.stockShare;
  return [
    { id: "flesh", naclG: keptG - stockG, eaten: true },
    { id: "rinsed", naclG: rinsedG, eaten: false },
    { id: "stock", naclG: stockG, eaten: false },
    ...(f.excess ? [{ id: "takenOff" as const, naclG: onSurfaceG, eaten: false }] : []),
    { id: "surface", naclG: (f.excess ? 0 : onSurfaceG) + secondG, eaten: true },
    ...outsideEnds(f, outsideG),
    { id: "reserve", naclG: madeG - f.naclG, eaten: true },
    { id: "companions", naclG: sum(f.companions) - secondG, eaten: true },
  ];
}

/** Where the salt ends that the flesh did not take. */
function outsideEnds(f: Formulated, outsideG: number): LedgerEnd[] {
  if (f.contact.kind === "crust") return [{ id: "crust", naclG: outsideG, eaten: false }];
  if (f.paste) {
    const stuck = f.coat?.stuckShare ?? 1;
    return [
      { id: "coat", naclG: outsideG * stuck, eaten: true },
      { id: "fallenOff", naclG: outsideG * (1 - stuck), eaten: false },
    ];
  }
  // Of a rub, what did not stick; of a dry brine, nothing is left over.
  if (f.coat) return [{ id: "fallenOff", naclG: outsideG, eaten: false }];
  return [{ id: "vessel", naclG: outsideG, eaten: f.leftoverEaten }];
}

/** Salt that ends in one place, g. */
export const endG = (ledger: DishLedger, id: EndId): number =>
  ledger.ends.find((end) => end.id === id)?.naclG ?? 0;

/** A change of one line that brings a dish back to the salt that is wanted. */
export interface CutProposal {
  source: LedgerSource;
  /** Grams of the line to leave out. */
  cutG: number;
  /** Its unsalted twin, where there is one: swap instead of cutting. */
  swapToId?: string;
  /** Salt eaten over the food once it is done. */
  shareAfter: number;
}

/** Salted things that are also sold without salt. */
const UNSALTED: Record<string, string> = { butter_salted: "butter_unsalted", stock_salted: "stock_unsalted" };

/**
 * Which line to cut when the dish has more salt than is wanted: an unsalted twin first, then optional lines, then
 * whatever hides the most; the food's own salt and the main dose last of all, as they are not among them.
 * @param wanted salt eaten over edible food, mass fraction
 */
export function cutProposals(ledger: DishLedger, wanted: number, mainSaltId: string): CutProposal[] {
  const fleshG = ledger.shareOfFood > 0 ? ledger.eatenG / ledger.shareOfFood : 0;
  const overG = ledger.eatenG - wanted * fleshG;
  if (overG <= wanted * fleshG * OVER_TOLERANCE) return [];
  const rank = (s: LedgerSource) => (twinOf(s) ? 0 : s.optional ? 1 : 2);
  return ledger.sources
    .filter((s) => s.part !== "food" && s.id !== mainSaltId && s.naclG / ledger.totalG > 0.01)
    .sort((a, b) => rank(a) - rank(b) || b.naclG - a.naclG)
    .slice(0, 3)
    .map((source) => {
      const saltG = Math.min(source.naclG, overG);
      const swapToId = twinOf(source);
      return {
        source,
        cutG: source.massG * (saltG / source.naclG),
        ...(swapToId && { swapToId }),
        shareAfter: (ledger.eatenG - (swapToId ? source.naclG : saltG)) / fleshG,
      };
    });
}

/** A dish within this much of the wanted salt is right. *Practice*, estimate. */
const OVER_TOLERANCE = 0.05;

const twinOf = (s: LedgerSource): string | undefined => UNSALTED[s.id.split(":").pop() ?? ""];
