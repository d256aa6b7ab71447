export const salt = "Salt";
export const evenness = "Evenness";
export const texture = "Texture";
export const juiciness = "Juiciness";
export const skinOrCrust = "Skin or crust";
export const timing = "Timing";
export const mostLikely = (strength: number) =>
  strength >= 0.6 ? "most likely" : strength >= 0.25 ? "likely" : "perhaps";
export const quiteSure = (confidence: number) =>
  confidence >= 0.7 ? "Quite sure." : confidence >= 0.45 ? "Fairly sure." : "A guess still.";

/** From −2 to +2. */
export const evennesses = [
  "only the outside seasoned",
  "paler inside",
  "fairly even",
  "nearly even",
  "even all through",
];
export const textures = ["wrong", "not quite right", "fair", "good", "just right"];
export const juicinesses = ["dry", "a little dry", "fair", "juicy", "very juicy"];
export const surfaces = ["failed", "poor", "fair", "good", "as it should be"];
export const timings = ["far too late", "late", "a little late", "nearly on time", "on the minute"];
