/** Parts of a dish a recipe tells apart. */
export type LinePartSaid = "main" | "glaze" | "sauce" | "butter" | "bed" | "dressing" | "reserved";

/** Which part of the dish a heading, a label or a line's own words speak of. */
const PARTS: [RegExp, LinePartSaid][] = [
  [/\b(?:reserved?|set aside|taken out before|kept back|held back)\b/i, "reserved"],
  [/\bglaz(?:e|ing)\b|\bto finish\b|\blacquer\b/i, "glaze"],
  [/\bdressing\b|\bvinaigrette\b|\bover the top\b|\bsalsa\b|\bdrizzle\b/i, "dressing"],
  [/\b(?:sauce|gravy|jus|cream|mayo(?:nnaise)?|raita|dip|relish|chutney|aioli|pan juices)\b/i, "sauce"],
  [/\bbutter\b/i, "butter"],
  [/\b(?:bed|trivet|vegetables?|veg|roots|underneath|beneath|under it)\b/i, "bed"],
];
const MAIN =
  /\b(?:marinade|brine|rub|paste|cure|crust|dough|salting|spice mix|mix|inside|main|meat|ingredients)\b/i;

/** @returns "main" where nothing else is said */
export function partOfHeading(heading: string): LinePartSaid {
  if (MAIN.test(heading) && !/\bsauce\b|\bglaze\b/i.test(heading)) return "main";
  return PARTS.find(([words]) => words.test(heading))?.[1] ?? "main";
}

/** A label before a line ("To finish: runny honey") or its own words say more than the heading above. */
export function partOfLine(text: string, under: LinePartSaid): LinePartSaid {
  if (PARTS[0][0].test(text)) return "reserved";
  const label = /^[*•\s-]*([^:]{3,24}):\s*\S/.exec(text)?.[1];
  if (label && !/\bfor\b/i.test(label)) {
    const found = PARTS.find(([words]) => words.test(label));
    if (found) return found[1];
  }
  const wanted = /\bfor (?:the )?(glaze|glazing|sauce|gravy|dressing|butter|bed|basting)\b/i.exec(text)?.[1];
  return wanted ? partOfHeading(wanted) : under;
}
