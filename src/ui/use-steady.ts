import { useCallback, useLayoutEffect, useRef } from "react";

/** The same function at every drawing, that does what it was given last: what is drawn with it need not be drawn anew. */
export function useSteady<Given extends unknown[], Back>(
  act: (...given: Given) => Back,
): (...given: Given) => Back {
  const newest = useRef(act);
  useLayoutEffect(() => {
    newest.current = act;
  });
  return useCallback((...given: Given) => newest.current(...given), []);
}
