import { wrap, type Remote } from "comlink";
import type { Planner } from "@/workers/sitting.worker";

/** A worker of one's own: asked anew, the old question is dropped with it. */
export class PlannerLine {
  private worker: Worker | undefined;
  private remote: Remote<Planner> | undefined;

  /** Drops whatever is being worked out. */
  cancel(): void {
    this.worker?.terminate();
    this.worker = undefined;
    this.remote = undefined;
  }

  line(): Remote<Planner> {
    if (this.remote) return this.remote;
    this.worker = new Worker(new URL("../../workers/sitting.worker.ts", import.meta.url), { type: "module" });
    this.remote = wrap<Planner>(this.worker);
    return this.remote;
  }
}
