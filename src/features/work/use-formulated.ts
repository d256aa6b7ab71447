import { useMemo } from "react";
import type { BatchDetail } from "@/contracts/views";
import { formulate, type Formulated } from "@/core/formula/formulate";

import type { Poured } from "@/core/formula/weigh/as-poured";

/** The whole of a batch's sheet, for the few panels that ask more of it than its lines; undefined where it is refused. */
export function useFormulated({ formulation, rate }: BatchDetail, poured?: Poured): Formulated | undefined {
  return useMemo(() => {
    const sheet = formulate(formulation, { rateFactor: rate.factor, poured });
    return sheet.ok ? sheet.value : undefined;
  }, [formulation, rate.factor, poured]);
}
