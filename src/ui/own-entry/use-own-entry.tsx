"use client";

import dynamic from "next/dynamic";
import { NotYet, orMissing } from "@/ui/or-missing";
import { useEffect, useRef, useState, type ReactNode } from "react";
import { usePantry } from "@/ui/pantry";

/** Asked for seldom: it comes when it is. */
const OwnEntry = dynamic(
  orMissing(async () => (await import("./own-entry")).OwnEntry),
  { loading: NotYet },
);

type Kind = "food" | "ingredient";

/**
 * What the tables lack is entered on the spot, begun from a like one, and chosen as soon as the kitchen has it.
 * @returns `ask` opens the dialogue; `dialog` is to be drawn
 */
export function useOwnEntry(
  kind: Kind,
  onPick: (id: string) => void,
): { ask: (name: string, likeId?: string) => void; dialog: ReactNode } {
  const pantry = usePantry();
  const [asked, setAsked] = useState<{ name: string; likeId?: string | undefined } | null>(null);
  /** Kept, and chosen as soon as the page knows it. */
  const kept = useRef<string | null>(null);
  useEffect(() => {
    const id = kept.current;
    if (id === null || (kind === "food" ? pantry.food(id) : pantry.ingredient(id)) === undefined) return;
    kept.current = null;
    onPick(id);
  }, [kind, pantry, onPick]);
  const dialog = asked && (
    <OwnEntry
      kind={kind}
      {...asked}
      onClose={() => setAsked(null)}
      onKept={({ id }) => {
        kept.current = id;
      }}
    />
  );
  return { ask: (name, likeId) => setAsked({ name, likeId }), dialog };
}
