import { saltedFaces } from "@/core/formula/weigh/salted-faces";
import type { Cook, Formulation } from "@/core/formulation";
import type { Pantry } from "@/core/materials/pantry";
import { choiceOf, hasBath, isBaked, isWet } from "@/core/preparations";
import { duration, percent } from "@/ui/format";
import { PART_NAME, PLACE_SAID, PREPARATION_NAME } from "@/ui/names";
import type { Units } from "@/ui/units";
import { VESSEL_SHAPES } from "@/ui/vessel-words";

/* What each closed group says of what is set in it. */

const list = (parts: (string | false | null | undefined)[]) => parts.filter(Boolean).join(", ");

const THAW_WORD = {
  fridge: "in the fridge",
  coldWater: "in cold water",
  inBrine: "in the bath",
  counter: "on the counter",
};

export function sayFood(f: Formulation, units: Units): string {
  const { pieces: p, alongside } = f;
  // What was to thaw in a bath has none where there is no bath.
  const thaws = p.thaw && (p.thaw !== "inBrine" || hasBath(f));
  return list([
    p.thin && `a thin part of ${units.length(p.thin.thicknessMm)}`,
    p.lengthMm !== undefined && `${units.length(p.lengthMm)} long`,
    p.slashDepthMm > 0 && `slashed ${units.length(p.slashDepthMm)} every ${units.length(p.slashSpacingMm)}`,
    p.bone ? "bone in" : "boneless",
    p.skin && "skin on",
    p.shape === "slab" && p.faces === "one" && "salt enters by one face",
    p.shape === "block" && p.faces === "one" && "a rack: no salt enters by its bones",
    alongside?.length ? `${alongside.length} more sizes` : undefined,
    p.thaw && (thaws ? `frozen, thaws ${THAW_WORD[p.thaw]}` : "frozen"),
    p.enhanced && "salted by the packer",
  ]);
}

const FACES_WORD = { all: undefined, one: "on one face", moreOnOne: "60 to 40" };

export function saySalt(f: Formulation, pantry: Pick<Pantry, "salt" | "ingredient">): string {
  const salt = pantry.salt(f.saltId)?.name ?? "no salt chosen";
  const given = f.salt && f.salt.mode !== "wanted" ? sayGiven(f.salt) : undefined;
  const sugar = f.sugarPerSalt > 0 && `sugar ${f.sugarPerSalt.toFixed(2).replace(/\.?0+$/, "")} to 1 of salt`;
  const faces = FACES_WORD[saltedFaces(f)];
  return list([PREPARATION_NAME[choiceOf(f.preparation)], faces, salt, given, sugar]);
}

function sayGiven(salt: NonNullable<Formulation["salt"]>): string | undefined {
  switch (salt.mode) {
    case "none":
      return "none";
    case "percent":
      return `${percent(salt.fraction)} % of the meat`;
    case "grams":
      return `${salt.massG} g given`;
    case "measure":
      return "given by the spoon";
    case "pinch":
      return salt.count === 1 ? "a pinch" : `${salt.count} pinches`;
    case "wanted":
      return undefined;
  }
}

export function sayLines({ lines }: Formulation, { ingredient }: Pick<Pantry, "ingredient">): string {
  const names = lines
    .filter((l) => !l.off)
    .map((l) => (ingredient(l.ingredientId)?.name ?? "").split(",")[0]);
  return names.length > 0 ? list(names) : "nothing but salt";
}

const shapeWord = (f: Formulation) =>
  VESSEL_SHAPES.find((s) => s.value === f.vessel.shape)?.label.replace(/^a /, "") ?? "";

export function sayVessel(f: Formulation, units: Units): string {
  const { vessel: v, holding, water } = f;
  const baked = isBaked(f);
  return list([
    isWet(f) ? `${shapeWord(f)} ${units.size(v.lengthMm)}` : "rack or tray",
    hasBath(f) && (water.mode === "chosen" ? `${units.volume(water.massG)} of water` : "water to cover"),
    !baked && `${PLACE_SAID[holding.place]}, ${units.temperature(holding.temperatureC)}`,
    !baked && (holding.covered ? "covered" : "uncovered"),
    f.rinse && `rinsed ${f.rinse.minutes} min`,
  ]);
}

export function sayCook(cook: Cook, units: Units): string {
  const heat = cook.stages
    ? `${cook.stages.length} stages`
    : cook.ovenC === undefined
      ? undefined
      : `${units.temperature(cook.ovenC)}, ${duration(cook.minutes / 60)}`;
  return list([heat, `${units.temperature(cook.toC)} in the middle`, `rest ${cook.restMin} min`]);
}

export function sayBeside({ companions, reserve }: Formulation): string {
  const parts = (companions ?? []).map((c) => PART_NAME[c.kind]);
  return list([...new Set(parts), reserve && "some set aside"]) || "nothing yet";
}

export const sayEaters = (f: Formulation): string =>
  list([`${f.portions} ${f.portions === 1 ? "portion" : "portions"}`, f.notes.trim() !== "" && "with notes"]);
