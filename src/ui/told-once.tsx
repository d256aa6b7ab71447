"use client";

import copyText from "copy-to-clipboard";
import { Check, Copy } from "lucide-react";
import { useState } from "react";

/** A secret that is told once: to be copied now. */
export function ToldOnce({ label, text }: { label: string; text: string }) {
  const [copied, setCopied] = useState(false);
  return (
    <div className="pt-3" role="status">
      <p className="font-semibold">Copy it now: it is not told again.</p>
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
          {copied ? "Copied" : "Copy"}
        </button>
      </div>
    </div>
  );
}
