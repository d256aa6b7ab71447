import type { ComponentType } from "react";
import { Awaited } from "./awaited";

/**
 * What stands where a part of a page is still on its way. It must be given wherever a part is fetched: without it all of the
 * page around the part is hidden until it has come, and what was being typed there is lost.
 */
export const NotYet = () => null;

/**
 * A part of a page that is fetched when it is wanted. A server that is gone just then must not take the page with it:
 * what is under way, and what was tapped, stays in hand, and the part comes when the server is back.
 */
export function orMissing<P extends object>(
  load: () => Promise<ComponentType<P>>,
): () => Promise<ComponentType<P>> {
  const Later = (props: P) => <Awaited load={load} props={props} />;
  return () => load().catch(() => Later);
}
