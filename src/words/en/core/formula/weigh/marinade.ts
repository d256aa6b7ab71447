export const drizzleGMarinadeOverIt = (massG: string) => `Drizzle ${massG} g marinade over it`;
export const noTimeToStandIt = "No time to stand: it seasons the outside only.";
export const allFacesWet = "All faces wet.";
export const intoGMarinadeCloseAbout = (massG: string) => `Into ${massG} g marinade, close about it`;
export const liquidStandingBesideTheFood = "Liquid standing beside the food is wasted.";
export const noAirPockets = "No air pockets.";
export const wipeItOffLeaveA = "Wipe it off, leave a thin film";
export const wetCoatsSteamSugaryOnes =
  "Wet coats steam, sugary ones burn; what is wiped off is boiled or thrown away.";
