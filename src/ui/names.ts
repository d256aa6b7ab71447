import type { EndId } from "@/core/formula/account/dish-ledger";
import type { Holding } from "@/core/formulation";
import * as words from "@/words/ui/names";

export { KIND_NAME, LAW_NAME, LAW_UNIT, PART_NAME, PREPARATION_NAME } from "@/core/exchange/names";
export { allergenName } from "@/core/materials/allergens";

/* What else is called by a name on screen and on paper. */

export const END_NAME: Record<EndId, string> = words.endName;

/** Where it stands, as a sentence goes on with it. */
export const PLACE_SAID: Record<Holding["place"], string> = words.placeSaid;
