"use client";

import { useEffect, useState } from "react";

export type Asked<T> = { status: "working" } | { status: "done"; value: T } | { status: "failed" };

/**
 * Asks the worker whenever the key changes; only the newest answer is shown.
 * @param key everything the question depends on, as text
 */
export function useAnswer<T>(key: string, ask: () => Promise<T>): Asked<T> {
  const [held, setHeld] = useState<{ key: string; asked: Asked<T> }>({
    key: "",
    asked: { status: "working" },
  });
  useEffect(() => {
    let stale = false;
    ask().then(
      (value) => !stale && setHeld({ key, asked: { status: "done", value } }),
      () => !stale && setHeld({ key, asked: { status: "failed" } }),
    );
    return () => {
      stale = true;
    };
    // oxlint-disable-next-line react/exhaustive-deps -- the key says all that the question depends on
  }, [key]);
  return held.key === key ? held.asked : { status: "working" };
}
