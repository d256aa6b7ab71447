import { ofKey } from "../own-key";
import * as words from "@/words/core/materials/allergens";

/** What a label must name, as a cook says it. @param id as the tables have it; one they do not know is said by its id */
export const allergenName = (id: string): string => ofKey<string>(words.named, id) ?? id.replaceAll("_", " ");
