"use client";

import { useEffect, useState } from "react";
import { line, type Listens } from "./line";

/** Hears what the server tells, while the page is there. @param listens the same between draws: memoised by its parts */
export function useLive(listens: Listens): void {
  useEffect(() => line.listen(listens), [listens]);
}

/** Whether the kitchen's server can be reached. */
export function useConnected(): boolean {
  const [connected, setConnected] = useState(true);
  useEffect(() => line.listen({ connected: setConnected }), []);
  return connected;
}
