import { proxy, wrap, type Remote } from "comlink";
import type { WhatIfWorker } from "@/workers/what-if.worker";

let remote: Remote<WhatIfWorker> | undefined;

/** The page's one worker for sums beyond a single run; started when first asked. */
export function whatIfWorker(): Remote<WhatIfWorker> {
  remote ??= wrap<WhatIfWorker>(
    new Worker(new URL("../../workers/what-if.worker.ts", import.meta.url), { type: "module" }),
  );
  return remote;
}

export { proxy };
