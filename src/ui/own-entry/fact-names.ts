import type { FoodForm, FoodGroup, Kingdom } from "@/core/materials/facts";
import type { Ingredient } from "@/core/materials/types";
import * as words from "@/words/ui/own-entry/fact-names";

/* What the typed facts of foods and ingredients are called where they are chosen. */

export const GROUP_NAME: Record<FoodGroup, string> = words.groupName;

export const KINGDOM_NAME: Record<Kingdom, string> = words.kingdomName;

export const FORM_NAME: Record<FoodForm, string> = words.formName;

export const PROTEASE_NAME: Record<Ingredient["protease"], string> = words.proteaseName;
