import type { ComponentType } from "react";
import * as words from "@/words/ui/or-missing";

/** What stands where a part of a page could not be fetched: the rest of the page goes on. */
const Missing = () => (
  <p role="status" className="border-l-8 border-warning bg-base-100 p-3">
    {words.thisPartOfThePage}
  </p>
);

/**
 * What stands where a part of a page is still on its way. It must be given wherever a part is fetched: without it all of the
 * page around the part is hidden until it has come, and what was being typed there is lost.
 */
export const NotYet = () => null;

/**
 * A part of a page that is fetched when it is wanted. A server that is gone just then must not take the page with it:
 * what is under way, and what was tapped, stays in hand.
 */
export function orMissing<P>(load: () => Promise<ComponentType<P>>): () => Promise<ComponentType<P>> {
  return () => load().catch(() => Missing);
}
