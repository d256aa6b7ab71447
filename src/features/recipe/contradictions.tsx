import type { Contradiction } from "@/core/recipe/reading";
import { Notice } from "@/ui/findings";
import * as wording from "@/words/recipe/contradictions";

/** What does not agree, gravest first, with the recipe's own words. */
export function Contradictions({ found }: { found: readonly Contradiction[] }) {
  if (found.length === 0) return <p className="pb-3 text-quiet">{wording.nothingInItContradictsItself}</p>;
  return (
    <section aria-label={wording.contradictions} className="mb-5">
      <h2 className="mb-2 text-2xl">{wording.oneThingDoesNotAgree(found.length)}</h2>
      <ul className="space-y-2">
        {found.map((c) => (
          <li key={c.id}>
            <Notice severity={c.severity} title={c.title} open={c.severity === "stop"}>
              {[...new Set(c.says)].map((words) => (
                <blockquote key={words} className="border-l-2 border-line pl-2 italic">
                  {words}
                </blockquote>
              ))}
              <p>
                <span className="font-semibold">{wording.instead} </span>
                {c.instead}
              </p>
              {c.deferTo && <p className="text-sm text-quiet">{c.deferTo}</p>}
            </Notice>
          </li>
        ))}
      </ul>
    </section>
  );
}
