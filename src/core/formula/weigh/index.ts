import type { Preparation } from "../../formulation";
import type { PreparationKind } from "../../preparations";
import type { Of } from "../../preparations/descriptor";
import type { Result } from "../../result";
import type { Acts } from "./acts";
import { prepareDryBrine, dryBrineActs, prepareWetBrine, wetBrineActs } from "./brines";
import { prepareCure, cureActs } from "./cure";
import { prepareInjection, injectionActs } from "./injection";
import { prepareMarinade, marinadeActs } from "./marinade";
import { preparePaste, pasteActs } from "./paste";
import type { FormulationError, PrepareContext, Prepared } from "./prepared";
import { prepareRub, rubActs } from "./rub";
import { prepareSaltCrust, saltCrustActs } from "./salt-crust";

type Prepare<K extends PreparationKind> = (c: PrepareContext, p: Of<K>) => Result<Prepared, FormulationError>;

/** How each is weighed out, and what hands do with it. */
const WEIGH: { [K in PreparationKind]: { prepare: Prepare<K>; acts: Acts<Of<K>> } } = {
  wetBrine: { prepare: prepareWetBrine, acts: wetBrineActs },
  dryBrine: { prepare: prepareDryBrine, acts: dryBrineActs },
  marinade: { prepare: prepareMarinade, acts: marinadeActs },
  paste: { prepare: preparePaste, acts: pasteActs },
  rub: { prepare: prepareRub, acts: rubActs },
  saltCrust: { prepare: prepareSaltCrust, acts: saltCrustActs },
  cure: { prepare: prepareCure, acts: cureActs },
  injection: { prepare: prepareInjection, acts: injectionActs },
};

/** What is weighed out for the preparation at hand, and how its salt meets the flesh. */
export function weighedOut(c: PrepareContext): Result<Prepared, FormulationError> {
  const { preparation } = c.input;
  // Each kind's own function takes just that kind: the table says so, which an index by a union cannot.
  const prepare = WEIGH[preparation.kind].prepare as Prepare<PreparationKind>;
  return prepare(c, preparation);
}

/** What hands do with the preparation at hand. */
export const actsOf = ({ kind }: Preparation): Acts => WEIGH[kind].acts;
