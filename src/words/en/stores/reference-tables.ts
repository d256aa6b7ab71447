export const fromMemory = ", from memory";
export const salts = "Salts";
export const spoonDensitiesAreLevelAnd = "Spoon densities are level and unpacked. Weigh if you can.";
export const salt = "Salt";
export const forACrust = "For a crust";
export const whereFrom = "Where from";
export const ingredients = "Ingredients";
export const byWeightAcidIsTitratable =
  "By weight. Acid is titratable, as its own kind; pH of dry spices, herbs and oils is a placeholder.";
export const ingredient = "Ingredient";
export const foods = "Foods";
export const sizesAreOffersWhatYou =
  "Sizes are offers: what you measure decides. D is salt's diffusivity in the flesh at 4 °C, uncertain by a factor of about two.";
export const food = "Food";
export const ownSalt = "own salt %";
export const practiceByMethod = "Practice by method";
export const howTheTradeDosesAnd =
  "How the trade doses and how long it waits; check values and defaults, never a promise.";
export const method = "Method";
export const forWhat = "For";
export const atTheEnd = "At the end";
export const cookingRules = "Cooking rules";
export const minutesByWeightOrThickness =
  "Minutes by weight or thickness, carry-over, when to glaze. The thermometer decides.";
export const rule = "Rule";
export const oven = (temperature: string) => `oven ${temperature}`;
export const ovens = "Ovens";
export const timeOverThatAt180 = "Time over that at 180 °C.";
export const setting = "Setting";
export const fan = (temperature: string) => `fan ${temperature}`;
export const hazards = "Hazards";
export const whatTheCautionsSayAnd = "What the cautions say, and whose word goes before them.";
export const hazard = "Hazard";
export const instead = "Instead";
export const goesBefore = "Goes before";
export const acidPercent = "acid %";
export const fatPercent = "fat %";
export const gAUSTsp = "g a US tsp";
export const gACup = "g a cup";
export const gas = "gas";
export const hours = "hours";
export const restMin = "rest min";
export const saltPercent = "salt %";
export const sugarPercent = "sugar %";
export const timeTimes = "time ×";
export const waterPercent = "water %";
export const methods = {
  wet_brine_equilibrium: "wet brine, equilibrium",
  wet_brine_timed: "wet brine, timed",
  dry_brine: "dry brine",
  acid_marinade: "acid marinade",
  dairy_marinade: "dairy marinade",
  enzymatic_marinade: "enzyme marinade",
  oil_herb_marinade: "oil and herb marinade",
  spice_paste_binder: "spice paste, bound",
  rub_salt_free: "rub without salt",
  rub_salted: "salted rub",
  salt_crust_water: "salt crust, water",
  salt_crust_egg_white: "salt crust, egg white",
  salt_crust_dough: "salt crust, dough",
  sugar_salt_cure_short: "sugar and salt cure, short",
  glaze: "glaze",
};
