import type { PreparationKind } from "../../preparations";
import type { Of } from "../../preparations/descriptor";
import type { Result } from "../../result";
import { prepareDryBrine, prepareWetBrine } from "./brines";
import { prepareCure } from "./cure";
import { prepareInjection } from "./injection";
import { prepareMarinade } from "./marinade";
import { preparePaste } from "./paste";
import type { FormulationError, PrepareContext, Prepared } from "./prepared";
import { prepareRub } from "./rub";
import { prepareSaltCrust } from "./salt-crust";

type Prepare<K extends PreparationKind> = (c: PrepareContext, p: Of<K>) => Result<Prepared, FormulationError>;

/** How each is weighed out. */
const PREPARE: { [K in PreparationKind]: Prepare<K> } = {
  wetBrine: prepareWetBrine,
  dryBrine: prepareDryBrine,
  marinade: prepareMarinade,
  paste: preparePaste,
  rub: prepareRub,
  saltCrust: prepareSaltCrust,
  cure: prepareCure,
  injection: prepareInjection,
};

/** What is weighed out for the preparation at hand, and how its salt meets the flesh. */
export function prepare(c: PrepareContext): Result<Prepared, FormulationError> {
  const { preparation } = c.input;
  // Each kind's own function takes just that kind: the table says so, which an index by a union cannot.
  const own = PREPARE[preparation.kind] as Prepare<PreparationKind>;
  return own(c, preparation);
}
