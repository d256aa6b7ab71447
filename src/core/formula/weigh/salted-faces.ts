import type { Formulation } from "../../formulation";

/** Where dry salt lies on a piece: alike all over, on one face alone, or more on one face than on the other. */
export type SaltedFaces = "all" | "one" | "moreOnOne";

/** Of salt that lies unevenly, the share on the flesh side: the thick or bare one. *Practice*: three to two. */
export const FLESH_SIDE_SHARE = 0.6;

/** Only what lies flat has an upper and a lower face to tell apart; where one is shut, salt goes on the open one. */
export function saltedFaces({
  preparation,
  pieces,
}: Pick<Formulation, "preparation" | "pieces">): SaltedFaces {
  if (preparation.kind !== "dryBrine") return "all";
  const { salted } = preparation;
  const flat = pieces.shape === "slab" || pieces.shape === "block";
  if (!flat || salted === "allFaces") return "all";
  return salted === "oneFace" || pieces.faces === "one" ? "one" : "moreOnOne";
}
