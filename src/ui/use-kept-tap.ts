import { useEffect, useEffectEvent, useRef, useState } from "react";

/**
 * A tap while something newer is on its way is not lost: it is done with that, once, as soon as it is there.
 * @param late whether something newer is on its way  @param act what is done; called as it is when nothing is any more
 * @returns what takes the tap, and whether one waits or is being done
 */
export function useKeptTap(late: boolean, act: () => Promise<void>): { tap: () => void; busy: boolean } {
  const [busy, setBusy] = useState(false);
  const doing = useRef(false);
  const done = useEffectEvent(async () => {
    doing.current = true;
    try {
      await act();
    } finally {
      doing.current = false;
      setBusy(false);
    }
  });
  useEffect(() => {
    if (busy && !late && !doing.current) void done();
  }, [busy, late]);
  return { tap: () => setBusy(true), busy };
}
