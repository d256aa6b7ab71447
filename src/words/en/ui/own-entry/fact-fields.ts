export const group = "Group";
export const fleshOf = "Flesh of";
export const cut = "Cut";
export const itIsPouredOrMelts = "It is poured, or melts in";
export const acid = "Acid";
export const enzymesThatSoftenFlesh = "Enzymes that soften flesh";
export const cautionsItCarries = "Cautions it carries";
