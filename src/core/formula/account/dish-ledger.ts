import type { Formulated } from "../formulate";
import { sodiumMg } from "../weigh/equilibrium";
import type { LinePart, SheetLine } from "../weigh/lines";
import type { RestPlace } from "../weigh/prepared";

/** One thing that brings salt to the dish. */
export interface LedgerSource {
  id: string;
  /** Of the food, salt or ingredient it is. */
  ingredientId: string;
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
  | "inside"
  | "skin"
  | "left"
  | "companions"
  | "vessel"
  | "crust"
  | "takenOff"
  | "fallenOff"
  | "runOut";

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
  /** Eaten salt as a share of the finished flesh, its own salt counted: the basis of the wanted salt. */
  shareOfFood: number;
}

/** Too little to list, g. */
const TRACE_G = 1e-9;

/** What the flesh holds when it is taken out, and what fresh water takes out again; g. */
export interface Taken {
  inFleshG: number;
  rinsedG: number;
  /** No time to stand: it is poured over and served, nothing is drained off. */
  pouredOver: boolean;
}

/** Books every gram of salt of a dish at the moment asked for. */
export function dishLedger(f: Formulated, taken: Taken, portions: number): DishLedger {
  const nativeG = f.flesh.massG * f.flesh.nativeSaltFraction;
  const own: LedgerSource = {
    id: f.food.id,
    ingredientId: f.food.id,
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
    shareOfFood: eatenG / (f.soaked.massG + eatenG),
  };
}

const sourceOf = ({ id, name, part, naclG, massG, optional }: SheetLine): LedgerSource => ({
  id: part === "main" ? id : `${part}:${id}`,
  ingredientId: id,
  name,
  part,
  naclG,
  massG,
  optional,
});

function endsOf(f: Formulated, { inFleshG, rinsedG, pouredOver }: Taken, nativeG: number): LedgerEnd[] {
  const sum = (lines: readonly SheetLine[]) => lines.reduce((total, l) => total + l.naclG, 0);
  const madeG = sum(f.lines) - f.apart.insideG - f.apart.leftG;
  const ontoG = sum(f.companions.filter((l) => SALTED_ON.has(l.part)));
  const keptG = inFleshG - rinsedG;
  const stockG = keptG * f.stockShare;
  const rest = restEnds(pouredOver ? { ...f, clings: 1 } : f, {
    reachedG: f.loadG + nativeG - inFleshG,
    missedG: f.naclG - f.loadG,
  });
  return collected([
    { id: "flesh", naclG: keptG - stockG, eaten: true },
    { id: "rinsed", naclG: rinsedG, eaten: false },
    { id: "stock", naclG: stockG, eaten: false },
    { id: "surface", naclG: ontoG, eaten: true },
    ...(f.skinOff ? rest.map(onTheSkin) : rest),
    { id: "reserve", naclG: madeG - f.naclG, eaten: true },
    { id: "inside", naclG: f.apart.insideG, eaten: true },
    { id: "left", naclG: f.apart.leftG, eaten: false },
    { id: "companions", naclG: sum(f.companions) - ontoG, eaten: true },
  ]);
}

/** Salt put on once more lies on the food. */
const SALTED_ON: ReadonlySet<LinePart> = new Set(["secondSalting", "salting"]);

/** Where the salt ends that the flesh did not take. */
function restEnds(f: Formulated, { reachedG, missedG }: { reachedG: number; missedG: number }): LedgerEnd[] {
  return [...placed(f, f.rest.reached, reachedG), ...placed(f, f.rest.missed, missedG)];
}

function placed(f: Formulated, place: RestPlace, naclG: number): LedgerEnd[] {
  const stuck = f.coat?.stuckShare ?? 1;
  switch (place) {
    case "bath":
      return [{ id: "vessel", naclG, eaten: f.leftoverEaten }];
    case "mixture":
      return [
        { id: "surface", naclG: naclG * f.clings, eaten: true },
        { id: "vessel", naclG: naclG * (1 - f.clings), eaten: f.leftoverEaten },
      ];
    case "coat":
      return [
        { id: "coat", naclG: naclG * stuck, eaten: true },
        { id: "fallenOff", naclG: naclG * (1 - stuck), eaten: false },
      ];
    case "surface":
      return [{ id: "surface", naclG, eaten: true }];
    case "takenOff":
    case "fallenOff":
    case "runOut":
    case "crust":
      return [{ id: place, naclG, eaten: false }];
  }
}

const onTheSkin = (end: LedgerEnd): LedgerEnd =>
  end.id === "surface" || end.id === "coat" ? { ...end, id: "skin", eaten: false } : end;

/** One entry a place. */
function collected(ends: readonly LedgerEnd[]): LedgerEnd[] {
  const sums = new Map<EndId, LedgerEnd>();
  for (const end of ends) {
    const before = sums.get(end.id);
    sums.set(end.id, before ? { ...before, naclG: before.naclG + end.naclG } : end);
  }
  return [...sums.values()];
}

/** Salt that ends in one place, g. */
export const endG = (ledger: DishLedger, id: EndId): number =>
  ledger.ends.find((end) => end.id === id)?.naclG ?? 0;
