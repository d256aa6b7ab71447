export const itNeedsAName = "It needs a name.";
export const atLeast01G = "At least 0.1 g/mL.";
export const solidSaltIs216 = "Solid salt is 2.16 g/mL: no more.";
export const waterSugarFatAndSalt = "Water, sugar, fat and salt together cannot be more than 100 %.";
export const boneAndMeatTogetherCannot = "Bone and meat together cannot be more than 100 %.";
