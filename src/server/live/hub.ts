import { randomUUID } from "node:crypto";
import { type LiveEvent } from "@/contracts/live";
import { versionOf, type WorkNow } from "@/contracts/work-now";
import { workDelta, type WorkDelta } from "@/contracts/work-delta";
import { sittingsAtWork } from "../sittings-at-work";
import { openBatchIds } from "../batch-views";
import { onChange } from "../changes";
import type { WholeDb } from "../database";
import { log } from "../log";
import { Refusal } from "../problem";
import { rehearsedBatches } from "../rehearsed";
import { loadWork } from "../work";
import { Count } from "./count";
import { storesFigure, writtenElsewhere, writtenHere } from "./written";

/** Looked at this often while somebody listens: what instruments and other processes wrote, and what a scale shows. */
const TICK_MS = 1000;
/** A line on which nothing is said for so long is told that it is there. */
const BEAT_TICKS = 10;
const PLAN_TICKS = 5;

type Listener = (event: LiveEvent, text: string) => void;

/**
 * What is told of a kitchen as it happens. Each state is worked out once, however many listen: they are given the same
 * words, and only what is different from before.
 */
export class Hub {
  readonly #process = randomUUID().slice(0, 8);
  readonly #known = new Map<string, WorkNow>();
  #n = 0;
  readonly #listeners = new Set<Listener>();
  readonly #changed = new Set<string>();
  #plans = new Map<string, string>();
  #open = "";
  #here = 0;
  #elsewhere = 0;
  /** Of which instruments read something since the last look. */
  readonly #read = new Set<string>();
  /** Whether anything was written since the plans were looked at, and whether more than a reading. */
  #isDue = false;
  #isMore = false;
  /** How often the Stores were changed, and how often anything was done. */
  readonly #stores = new Count(this.#process);
  readonly #done = new Count(this.#process);
  #storesFigure = "";
  /** How often a difference was told of that is more than a reading. */
  #toldOf = 0;
  #planning: Promise<void> | undefined;
  #ticks = 0;
  #stop: (() => void) | undefined;

  constructor(private readonly db: WholeDb) {
    this.#isAllOurs();
    // Counted though nobody listens: a page that comes back knows by it that it is old.
    onChange("stores", () => void this.#stores.more());
    for (const what of ["batch", "sitting", "stores"] as const) onChange(what, () => this.#countDone());
  }

  /** What the Stores hold, as a page is drawn with it. */
  get storesVersion(): string {
    return this.#stores.version;
  }

  /** All that is done, as a page is drawn with it. */
  get doneVersion(): string {
    return this.#done.version;
  }

  /** How many listen. */
  get listeners(): number {
    return this.#listeners.size;
  }

  /** A batch as it is now, with its version; whoever listens is told of what is new. @throws Refusal 404 */
  look(batchId: string): WorkNow {
    const work = loadWork(this.db, batchId, Date.now());
    const known = this.#known.get(batchId);
    const delta = known && workDelta(known.work, work);
    if (known && !delta) return { version: known.version, work };
    // Counted for all batches together: one that was forgotten and is looked at again has no number it had before.
    const version = versionOf(this.#process, ++this.#n);
    this.#known.set(batchId, { version, work });
    if (known && delta) this.#tell({ kind: "work", batchId, from: known.version, to: version, delta });
    return { version, work };
  }

  /** @returns stops listening */
  listen(listener: Listener): () => void {
    if (this.#listeners.size === 0) this.#begin();
    this.#listeners.add(listener);
    const hello = this.#hello();
    listener(hello, JSON.stringify(hello));
    const beat: LiveEvent = { kind: "beat", atMs: Date.now() };
    listener(beat, JSON.stringify(beat));
    return () => {
      this.#listeners.delete(listener);
      if (this.#listeners.size === 0) this.#stop?.();
    };
  }

  #begin(): void {
    this.#here = writtenHere(this.db);
    // What was written while nobody listened may be anything.
    if (!this.#isAllOurs()) this.#done.more();
    for (const count of [this.#stores, this.#done]) count.toTell();
    for (const id of openBatchIds(this.db)) this.#guarded(() => this.look(id));
    this.#lookAround();
    const timer = setInterval(() => this.#tick(), TICK_MS);
    const quiet = [
      onChange("batch", (id) => this.#soon(id)),
      onChange("scale", (id) => this.#soon(id)),
      onChange("reading", (id) => void this.#read.add(id)),
      onChange("sitting", (id) => {
        this.#isMore = true;
        this.#tell({ kind: "sitting", id });
      }),
    ];
    this.#stop = () => {
      clearInterval(timer);
      for (const stop of quiet) stop();
      this.#stop = undefined;
    };
  }

  /** After whoever changed it was answered: what is stored is stored, whatever fails in telling it. */
  #soon(batchId: string): void {
    if (this.#changed.size === 0) setImmediate(() => this.#lookAtChanged());
    this.#changed.add(batchId);
    this.#isMore = true;
  }

  /** Told once for all that is done in one go, after whoever did it was answered. */
  #countDone(): void {
    if (this.#done.more()) setImmediate(() => this.#tellDone());
  }

  #tellDone(): void {
    const version = this.#done.toTell();
    if (version !== undefined) this.#tell({ kind: "done", version });
  }

  #lookAtChanged(): void {
    const ids = [...this.#changed];
    this.#changed.clear();
    for (const id of ids)
      this.#guarded(() => {
        const isKnown = this.#known.has(id);
        const { version } = this.look(id);
        // Not of the open ones, looked at by somebody all the same: they ask for the whole.
        if (!isKnown) this.#tell({ kind: "work", batchId: id, from: "", to: version, delta: { set: {} } });
      });
  }

  #tick(): void {
    this.#guarded(() => {
      if (++this.#ticks % BEAT_TICKS === 0) this.#tell({ kind: "beat", atMs: Date.now() });
      const here = writtenHere(this.db);
      const toldOf = this.#toldOf;
      const isOurs = this.#isAllOurs();
      const isQuiet = isOurs && here === this.#here;
      this.#here = here;
      // What was written here was told of as it was written: the others are as they were.
      for (const id of isOurs ? this.#read : openBatchIds(this.db)) this.#guarded(() => this.look(id));
      this.#read.clear();
      this.#lookAtScales();
      this.#isDue ||= !isQuiet;
      // Of readings alone a plan hears now and then: what they foretell moves by minutes.
      const isTime = this.#isMore || !isOurs || this.#ticks % PLAN_TICKS === 0;
      if (this.#isDue && isTime) this.#lookAround();
      const stores = this.#stores.toTell();
      if (stores !== undefined) this.#tell({ kind: "stores", version: stores });
      if (!isQuiet) this.#tell({ kind: "wrote" });
      // Done in another process: known by what is different.
      if (!isOurs && this.#toldOf > toldOf) this.#done.more();
      this.#tellDone();
    });
  }

  /**
   * Whether no other thread or process wrote since the last look. What a process did is announced by nobody here: whether the
   * Stores are in it is looked up.
   */
  #isAllOurs(): boolean {
    const elsewhere = writtenElsewhere(this.db);
    if (elsewhere === this.#elsewhere) return true;
    this.#elsewhere = elsewhere;
    const figure = storesFigure(this.db);
    if (figure !== this.#storesFigure) this.#stores.more();
    this.#storesFigure = figure;
    return false;
  }

  /** A scale's figure is nowhere written: while one stands under a batch it is looked at. */
  #lookAtScales(): void {
    for (const [id, { work }] of this.#known) if (work.scale) this.#guarded(() => this.look(id));
  }

  /** Which batches are open, and how the plans stand. */
  #lookAround(): void {
    this.#isMore = this.#isDue = false;
    const ids = openBatchIds(this.db);
    for (const id of this.#known.keys()) if (!ids.includes(id)) this.#known.delete(id);
    for (const id of ids) if (!this.#known.has(id)) this.#guarded(() => this.look(id));
    const open = JSON.stringify(ids);
    if (open !== this.#open) {
      this.#open = open;
      this.#tell({ kind: "open", ids });
    }
    // A plan that must be decided anew takes its time, and is told of at a later look.
    this.#planning ??= this.#lookAtPlans()
      .catch(notTold)
      .finally(() => (this.#planning = undefined));
  }

  async #lookAtPlans(): Promise<void> {
    const plans = new Map<string, string>();
    for (const id of [null, ...new Set(rehearsedBatches(this.db).values())]) {
      const event: LiveEvent = {
        kind: "plans",
        rehearsalId: id,
        sittings: await sittingsAtWork(this.db, Date.now(), id ?? undefined),
      };
      const text = JSON.stringify(event);
      if (this.#plans.get(id ?? "") !== text && this.#plans.size > 0) this.#tell(event, text);
      plans.set(id ?? "", text);
    }
    this.#plans = plans;
  }

  #hello(): LiveEvent {
    const versions = Object.fromEntries([...this.#known].map(([id, { version }]) => [id, version]));
    const open = JSON.parse(this.#open) as string[];
    return { kind: "hello", versions, open, stores: this.storesVersion, done: this.doneVersion };
  }

  #tell(event: LiveEvent, text = JSON.stringify(event)): void {
    if (event.kind === "open" || (event.kind === "work" && isDone(event.delta))) this.#toldOf++;
    for (const listener of this.#listeners) this.#guarded(() => listener(event, text));
  }

  /** One batch that does not read, or one line that broke, keeps nothing from the others. */
  #guarded(work: () => void): void {
    try {
      work();
    } catch (error) {
      notTold(error);
    }
  }
}

/** Whether something was done, and it is not only a reading or the scale's figure. */
const isDone = ({ set }: WorkDelta): boolean => Object.keys(set).some((field) => field !== "scale");

function notTold(error: unknown): void {
  if (!(error instanceof Refusal)) log.error({ err: error }, "not told");
}

const held = globalThis as { ironCrockHubs?: WeakMap<object, Hub> };

/** The one hub of a database in this process. */
export function hubOf(db: WholeDb): Hub {
  held.ironCrockHubs ??= new WeakMap();
  const known = held.ironCrockHubs.get(db);
  if (known) return known;
  const hub = new Hub(db);
  held.ironCrockHubs.set(db, hub);
  return hub;
}
