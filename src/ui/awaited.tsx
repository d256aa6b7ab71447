"use client";

import { useEffect, useState, type ComponentType } from "react";
import * as words from "@/words/ui/awaited";

/** Between two tries for a part that could not be fetched, ms. */
const AGAIN_MS = 3000;

interface Props<P> {
  load: () => Promise<ComponentType<P>>;
  /** What the part is given. */
  props: P;
}

/**
 * Stands for a part of a page that could not be fetched, and asks for it again for as long as it is wanted: a page that goes
 * from station to station is never loaded anew.
 */
export function Awaited<P extends object>({ load, props }: Props<P>) {
  const [Part, show] = useState<ComponentType<P>>();
  const isHere = Part !== undefined;
  useEffect(() => {
    if (isHere) return;
    const look = async () => {
      const part = await load().catch(() => undefined);
      if (part) show(() => part);
    };
    void look();
    const again = setInterval(() => void look(), AGAIN_MS);
    return () => clearInterval(again);
  }, [isHere, load]);
  if (Part) return <Part {...props} />;
  return (
    <p role="status" className="border-l-8 border-warning bg-base-100 p-3">
      {words.thisPartOfThePage}
    </p>
  );
}
