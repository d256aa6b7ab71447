"use client";

import { useEffect, useMemo, useState } from "react";
import type { Sensitivity } from "@/core/formula/soak/ensemble";
import { softened } from "@/core/formula/soak/softened";
import type { SoakWindow } from "@/core/formula/soak/window";
import type { Formulation } from "@/core/formulation";
import type { KnownRate } from "@/workers/sums.worker";
import { Progress } from "./progress";
import { proxy, whatIfWorker } from "./workers";

/** After the last change, ms: a cook still typing does not want five hundred soaks a keystroke. */
const PAUSE_MS = 200;

interface Soft {
  window: SoakWindow;
  sensitivities: Sensitivity[];
  /** How far the ensemble is; undefined when it is finished. */
  progress: Progress | undefined;
}

/** The likely window at once, its edges from the ensemble a moment later. @param key what the soak depends on */
export function useSoftWindow(key: string, input: Formulation, rate: KnownRate, likely: SoakWindow): Soft {
  const [held, setHeld] = useState<{ key: string; window: SoakWindow; sensitivities: Sensitivity[] }>();
  const [progress] = useState(() => new Progress());
  useEffect(() => {
    let stale = false;
    progress.is(0);
    const soften = async () => {
      const onProgress = proxy((share: number) => {
        if (!stale) progress.is(share);
      });
      const soft = await whatIfWorker()
        .soften(input, rate, onProgress)
        .catch(() => undefined);
      if (!stale && soft) setHeld({ key, ...soft });
    };
    const timer = setTimeout(() => void soften(), PAUSE_MS);
    return () => {
      stale = true;
      clearTimeout(timer);
      void whatIfWorker().cancel();
    };
    // oxlint-disable-next-line react/exhaustive-deps -- the key says all that the soak depends on
  }, [key]);
  return useMemo(
    () =>
      held?.key === key
        ? { window: softened(likely, held.window), sensitivities: held.sensitivities, progress: undefined }
        : { window: likely, sensitivities: [], progress },
    [held, key, likely, progress],
  );
}
