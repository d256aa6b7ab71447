import type { Contradiction } from "@/core/recipe/reading";
import { Notice } from "@/ui/findings";

/** What does not agree, gravest first, with the recipe's own words. */
export function Contradictions({ found }: { found: readonly Contradiction[] }) {
  if (found.length === 0)
    return <p className="pb-3 text-quiet">Nothing in it contradicts itself, as far as it was understood.</p>;
  return (
    <section aria-label="Contradictions" className="mb-5">
      <h2 className="mb-2 text-2xl">
        {found.length === 1 ? "One thing does not agree" : `${found.length} things do not agree`}
      </h2>
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
                <span className="font-semibold">Instead: </span>
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
