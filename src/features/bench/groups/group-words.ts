import { saltedFaces } from "@/core/formula/weigh/salted-faces";
import type { Cook, Formulation } from "@/core/formulation";
import type { Pantry } from "@/core/materials/pantry";
import { choiceOf, hasBath, isBaked, isWet } from "@/core/preparations";
import { duration, percent } from "@/ui/format";
import { PART_NAME, PLACE_SAID, PREPARATION_NAME } from "@/ui/names";
import type { Units } from "@/ui/units";
import { VESSEL_SHAPES } from "@/ui/vessel-words";
import * as words from "@/words/bench/groups/group-words";

/* What each closed group says of what is set in it. */

const list = (parts: (string | false | null | undefined)[]) => parts.filter(Boolean).join(", ");

const THAW_WORD = words.thawWord;

export function sayFood(f: Formulation, units: Units): string {
  const { pieces: p, alongside } = f;
  // What was to thaw in a bath has none where there is no bath.
  const thaws = p.thaw && (p.thaw !== "inBrine" || hasBath(f));
  return list([
    p.thin && words.aThinPartOf(units.length(p.thin.thicknessMm)),
    p.lengthMm !== undefined && words.long(units.length(p.lengthMm)),
    p.slashDepthMm > 0 && words.slashedEvery(units.length(p.slashDepthMm), units.length(p.slashSpacingMm)),
    words.bone(p.bone),
    p.skin && words.skinOn,
    p.shape === "slab" && p.faces === "one" && words.saltEntersByOneFace,
    p.shape === "block" && p.faces === "one" && words.aRackNoSaltEnters,
    alongside?.length ? words.moreSizes(alongside.length) : undefined,
    p.thaw && (thaws ? words.frozenThaws(THAW_WORD[p.thaw]) : words.frozen),
    p.enhanced && words.saltedByThePacker,
  ]);
}

const FACES_WORD = { all: undefined, one: words.onOneFace, moreOnOne: words.moreOnOne };

export function saySalt(f: Formulation, pantry: Pick<Pantry, "salt" | "ingredient">): string {
  const salt = pantry.salt(f.saltId)?.name ?? words.noSaltChosen;
  const given = f.salt && f.salt.mode !== "wanted" ? sayGiven(f.salt) : undefined;
  const sugar = f.sugarPerSalt > 0 && words.sugarTo1OfSalt(f.sugarPerSalt.toFixed(2).replace(/\.?0+$/, ""));
  const faces = FACES_WORD[saltedFaces(f)];
  return list([PREPARATION_NAME[choiceOf(f.preparation)], faces, salt, given, sugar]);
}

function sayGiven(salt: NonNullable<Formulation["salt"]>): string | undefined {
  switch (salt.mode) {
    case "none":
      return words.none;
    case "percent":
      return words.ofTheMeat(percent(salt.fraction));
    case "grams":
      return words.gGiven(salt.massG);
    case "measure":
      return words.givenByTheSpoon;
    case "pinch":
      return words.aPinch(salt.count);
    case "wanted":
      return undefined;
  }
}

export function sayLines({ lines }: Formulation, { ingredient }: Pick<Pantry, "ingredient">): string {
  const names = lines
    .filter((l) => !l.off)
    .map((l) => (ingredient(l.ingredientId)?.name ?? "").split(",")[0]);
  return names.length > 0 ? list(names) : words.nothingButSalt;
}

const shapeWord = (f: Formulation) =>
  VESSEL_SHAPES.find((s) => s.value === f.vessel.shape)?.label.replace(/^a /, "") ?? "";

export function sayVessel(f: Formulation, units: Units): string {
  const { vessel: v, holding, water } = f;
  const baked = isBaked(f);
  return list([
    isWet(f) ? `${shapeWord(f)} ${units.size(v.lengthMm)}` : words.rackOrTray,
    hasBath(f) && (water.mode === "chosen" ? words.ofWater(units.volume(water.massG)) : words.waterToCover),
    !baked && `${PLACE_SAID[holding.place]}, ${units.temperature(holding.temperatureC)}`,
    !baked && words.covered(holding.covered),
    f.rinse && words.rinsed(f.rinse.minutes),
  ]);
}

export function sayCook(cook: Cook, units: Units): string {
  const heat = cook.stages
    ? words.stages(cook.stages.length)
    : cook.ovenC === undefined
      ? undefined
      : `${units.temperature(cook.ovenC)}, ${duration(cook.minutes / 60)}`;
  return list([heat, words.inTheMiddle(units.temperature(cook.toC)), words.rest(cook.restMin)]);
}

export function sayBeside({ companions, reserve }: Formulation): string {
  const parts = (companions ?? []).map((c) => PART_NAME[c.kind]);
  return list([...new Set(parts), reserve && words.someSetAside]) || words.nothingYet;
}

export const sayEaters = (f: Formulation): string =>
  list([words.portions(f.portions), f.notes.trim() !== "" && words.withNotes]);
