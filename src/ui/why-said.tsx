import type { Explanation } from "./explanation";
import { Told, useTold } from "./measures";
import * as words from "@/words/ui/why-said";

/** A sum with its convention and its source. */
export function Said({ sum, convention, source, otherSchool }: Explanation) {
  const told = useTold();
  const here = sum.map(told);
  return (
    <>
      <Sum lines={here} />
      {here.some((line, i) => line !== sum[i]) && (
        <details className="mb-4">
          <summary className="min-h-11 cursor-pointer py-2">{words.theSameToDoAgain}</summary>
          <Sum lines={sum} />
        </details>
      )}
      <dl className="space-y-3">
        <Entry term={words.byWhatConvention} text={convention} />
        {otherSchool && <Entry term={words.theOtherSchool} text={otherSchool} />}
        <Entry term={words.source} text={source} />
      </dl>
    </>
  );
}

function Sum({ lines }: { lines: string[] }) {
  return (
    <div className="mb-4 space-y-1 border-l-4 border-primary bg-base-200 px-3 py-2 font-mono text-sm">
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
    </div>
  );
}

function Entry({ term, text }: { term: string; text: string }) {
  return (
    <div>
      <dt className="text-sm text-quiet">{term}</dt>
      <dd>
        <Told>{text}</Told>
      </dd>
    </div>
  );
}
