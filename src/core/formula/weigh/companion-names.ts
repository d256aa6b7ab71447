import type { Companion, CompanionKind } from "../../formulation";
import * as words from "@/words/core/formula/weigh/companion-names";

/** What the parts beside a preparation are called: apart from their sums, for every page wants a name. */
export const COMPANION_NAME: Record<CompanionKind, string> = words.named;

/** What goes beside it by the cook's own name for it; without one, by what it is. */
export const companionName = ({ name, kind }: Pick<Companion, "name" | "kind">): string =>
  name || COMPANION_NAME[kind];
