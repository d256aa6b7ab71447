"use client";

import copyText from "copy-to-clipboard";
import { Check, Copy } from "lucide-react";
import { useState } from "react";
import * as words from "@/words/ui/told-once";

/** A secret that is told once: to be copied now. */
export function ToldOnce({ label, text }: { label: string; text: string }) {
  const [copied, setCopied] = useState(false);
  return (
    <div className="pt-3" role="status">
      <p className="font-semibold">{words.copyItNowItIs}</p>
      <div className="flex items-center gap-2">
        <input
          className="entry w-full !text-left text-sm"
          readOnly
          aria-label={label}
          value={text}
          onFocus={(event) => event.target.select()}
        />
        <button
          type="button"
          className="btn min-h-11"
          onClick={() => void copyText(text).then((done) => setCopied(done))}
        >
          {copied ? <Check size={18} aria-hidden /> : <Copy size={18} aria-hidden />}
          {words.copied(copied)}
        </button>
      </div>
    </div>
  );
}
