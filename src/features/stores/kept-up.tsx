"use client";

import { useRereadStores } from "@/ui/use-reread-stores";

/** Keeps a page of the Stores as they are, whoever changes them: draws nothing itself. */
export function KeptUp() {
  useRereadStores();
  return null;
}
