import { wrap, type Remote } from "comlink";
import type { Planner } from "@/workers/sitting.worker";

/** A worker of one's own. Asked anew while it works, it is dropped with the old question; idle, it is kept. */
export class PlannerLine {
  private worker: Worker | undefined;
  private remote: Remote<Planner> | undefined;
  private busy = 0;

  /** Drops whatever is being worked out. */
  cancel(): void {
    if (this.busy > 0) this.close();
  }

  close(): void {
    this.worker?.terminate();
    this.worker = undefined;
    this.remote = undefined;
    this.busy = 0;
  }

  async ask<T>(question: (planner: Remote<Planner>) => Promise<T>): Promise<T> {
    const remote = this.line();
    this.busy++;
    const answer = await question(remote);
    // A line that was dropped meanwhile has forgotten this question.
    if (remote === this.remote) this.busy--;
    return answer;
  }

  private line(): Remote<Planner> {
    if (this.remote) return this.remote;
    this.worker = new Worker(new URL("../../workers/sitting.worker.ts", import.meta.url), { type: "module" });
    this.remote = wrap<Planner>(this.worker);
    return this.remote;
  }
}
