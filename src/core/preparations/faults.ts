/** What may go wrong with a dish, as it is ticked. */
export type FaultId =
  | "too_salty"
  | "bland"
  | "bland_inside"
  | "grey_surface"
  | "ham_like"
  | "rubbery_skin"
  | "crust_cracked"
  | "crust_stone"
  | "crust_salted_flesh"
  | "burnt_coat"
  | "dry"
  | "watery_pan"
  | "uneven_pieces"
  | "late"
  | "fell_off";
