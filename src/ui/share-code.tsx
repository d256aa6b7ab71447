"use client";

import { formulaFile } from "@/core/exchange/formula-file";
import { fragmentOf } from "@/core/exchange/share";
import type { Formulation } from "@/core/formulation";
import { OnlyHere } from "./only-here";
import { QrCode } from "./qr-code";
import { useOrigin } from "./use-origin";
import * as words from "@/words/ui/share-code";

/** The formula on paper, for a phone to read. Left out where it is too long for a code that reads. */
export function ShareCode({ formulation }: { formulation: Formulation }) {
  const origin = useOrigin();
  const link = `${origin}/open#${fragmentOf(formulaFile(formulation))}`;
  return origin ? (
    <>
      <QrCode text={link} label={words.thisFormulaAsACode} className="float-right mt-2 ml-4 w-[48mm]" />
      <div className="print:hidden">
        <OnlyHere what={words.theCode} />
      </div>
    </>
  ) : null;
}
