"use client";

import copyText from "copy-to-clipboard";
import { Check, Link2 } from "lucide-react";
import { useState } from "react";
import { formulaFile } from "@/core/exchange/formula-file";
import { FRAGMENT_MOST, fragmentOf } from "@/core/exchange/share";
import type { Formulation } from "@/core/formulation";
import { OnlyHere } from "./only-here";
import { QrCode } from "./qr-code";
import { useOrigin } from "./use-origin";
import * as words from "@/words/ui/share-formula";

/** A link that carries the formula itself, and the same as a code to be photographed. */
export function ShareFormula({ formulation, tags }: { formulation: Formulation; tags: string[] }) {
  const [copied, setCopied] = useState(false);
  const origin = useOrigin();
  const fragment = fragmentOf(formulaFile(formulation, tags));
  const link = `${origin}/open#${fragment}`;
  // Where no secure address lets a page write to the clipboard, it goes the old way.
  const copy = async () => setCopied(await copyText(link));
  if (fragment.length > FRAGMENT_MOST) return <p>{words.thisFormulaIsTooLong}</p>;
  return (
    <>
      <p className="pb-2 text-quiet">{words.theFormulaIsInThe}</p>
      <OnlyHere what={words.theLink} />
      <button type="button" className="btn min-h-11 font-normal" onClick={() => void copy()}>
        {copied ? <Check size={18} aria-hidden /> : <Link2 size={18} aria-hidden />}
        {words.copied(copied)}
      </button>
      <input
        className="entry mt-2 w-full !text-left text-sm"
        readOnly
        aria-label={words.theLink}
        value={link}
        onFocus={(event) => event.target.select()}
      />
      <QrCode text={link} label={words.theLinkAsACode} className="mt-3 w-44" />
    </>
  );
}
