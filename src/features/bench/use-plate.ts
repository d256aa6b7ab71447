import { useEffect, useState } from "react";
import type { PlateShares } from "@/core/bench/plate";
import type { WorkedOut } from "@/core/bench/worked";
import { askQuickly } from "@/ui/what-if/workers";

/** The food after the cook and the rest, while it is asked for; undefined until that has been worked out. */
export function usePlate({ input, sheet }: WorkedOut, asked: boolean): PlateShares | undefined {
  const { rateFactor } = sheet.load;
  const [held, setHeld] = useState<PlateShares>();
  useEffect(() => {
    if (!asked) return;
    let stale = false;
    void askQuickly((sums) => sums.plate(input, rateFactor))
      .catch(() => undefined)
      .then((shares) => {
        if (!stale && shares) setHeld(shares);
      });
    return () => {
      stale = true;
    };
  }, [asked, input, rateFactor]);
  return asked ? held : undefined;
}
