import type { LiveEvent } from "@/contracts/live";
import { heardTime } from "../kitchen-time";

const PATH = "/api/live";
const NAME = "iron-crock-line";
/** The server says something every ten seconds: a line that is silent for longer is dead, whatever the browser thinks. */
const SILENT_MS = 25_000;
const LOOK_MS = 5000;

export interface Listens {
  event?: (event: LiveEvent) => void;
  /** Told when it changes, and when a page begins to listen. */
  connected?: (is: boolean) => void;
}

type Hello = Extract<LiveEvent, { kind: "hello" }>;
type Said = { event: LiveEvent } | { connected: boolean } | { asks: true };

/**
 * The browser's one line to the kitchen's server. A browser keeps six lines to one server: were each page to hold its own,
 * the seventh would wait for ever. One page holds it (a Web Lock says which) and tells the others; when it is closed the
 * next one takes over. Where a browser has no locks, by a plain address on the network, each page has its own.
 */
class Line {
  readonly #listeners = new Set<Listens>();
  #connected = true;
  #channel: BroadcastChannel | undefined;
  #source: EventSource | undefined;
  #letGo: (() => void) | undefined;
  #looking: ReturnType<typeof setInterval> | undefined;
  #heardMs = 0;
  /** Of the page that holds the line: what a page that comes later must be told. */
  #stands: Hello | undefined;

  listen(listener: Listens): () => void {
    this.#listeners.add(listener);
    if (this.#listeners.size === 1) this.#begin();
    else this.#catchUp(listener);
    return () => {
      this.#listeners.delete(listener);
      if (this.#listeners.size === 0) this.#end();
    };
  }

  /** Who begins to listen on a page that listens already is told how things stand, as a page that comes later is. */
  #catchUp(listener: Listens): void {
    listener.connected?.(this.#connected);
    const hello = this.#hello();
    if (hello) listener.event?.(hello);
    else this.#channel?.postMessage({ asks: true } satisfies Said);
  }

  #begin(): void {
    window.addEventListener("online", this.#again);
    window.addEventListener("offline", this.#lost);
    if (!("locks" in navigator) || !("BroadcastChannel" in window)) return this.#hold();
    this.#channel = new BroadcastChannel(NAME);
    this.#channel.onmessage = ({ data }: MessageEvent<Said>) => this.#hear(data);
    this.#channel.postMessage({ asks: true } satisfies Said);
    const over = new AbortController();
    this.#letGo = () => over.abort();
    const held = () =>
      new Promise<void>((done) => {
        this.#letGo = done;
        this.#hold();
      });
    navigator.locks.request(NAME, { signal: over.signal }, held).catch(() => undefined);
  }

  #end(): void {
    window.removeEventListener("online", this.#again);
    window.removeEventListener("offline", this.#lost);
    clearInterval(this.#looking);
    this.#source?.close();
    this.#source = undefined;
    this.#letGo?.();
    this.#letGo = undefined;
    this.#channel?.close();
    this.#channel = undefined;
  }

  #hear(said: Said): void {
    if ("event" in said) this.#emit(said.event);
    else if ("connected" in said) this.#setConnected(said.connected);
    else if (this.#source) {
      const hello = this.#hello();
      if (hello) this.#channel?.postMessage({ event: hello } satisfies Said);
      this.#channel?.postMessage({ connected: this.#connected } satisfies Said);
    }
  }

  /** Nothing before the server has said it: whoever listens by then hears it from there. */
  readonly #hello = (): Hello | undefined => this.#source && this.#stands;

  #hold(): void {
    this.#connect();
    this.#looking = setInterval(() => {
      if (performance.now() - this.#heardMs > SILENT_MS) this.#connect();
    }, LOOK_MS);
  }

  #connect(): void {
    this.#source?.close();
    const source = new EventSource(PATH);
    this.#source = source;
    this.#heardMs = performance.now();
    source.onopen = () => this.#share(true);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      this.#heardMs = performance.now();
      this.#share(true);
      const event = JSON.parse(data) as LiveEvent;
      this.#note(event);
      this.#emit(event);
      this.#channel?.postMessage({ event } satisfies Said);
    };
    // A lost line the browser tries again by itself; one that was refused it gives up, and the look tries it anew.
    source.onerror = () => this.#share(false);
  }

  #note(event: LiveEvent): void {
    if (event.kind === "hello") this.#stands = event;
    const stands = this.#stands;
    if (!stands) return;
    if (event.kind === "work")
      this.#stands = { ...stands, versions: { ...stands.versions, [event.batchId]: event.to } };
    if (event.kind === "open") this.#stands = { ...stands, open: event.ids };
    if (event.kind === "stores") this.#stands = { ...stands, stores: event.version };
    if (event.kind === "done") this.#stands = { ...stands, done: event.version };
  }

  readonly #again = (): void => {
    if (this.#source) this.#connect();
  };
  readonly #lost = (): void => this.#setConnected(false);

  #share(connected: boolean): void {
    if (connected !== this.#connected) this.#channel?.postMessage({ connected } satisfies Said);
    this.#setConnected(connected);
  }

  #setConnected(connected: boolean): void {
    if (connected === this.#connected) return;
    this.#connected = connected;
    for (const { connected: tell } of this.#listeners) tell?.(connected);
  }

  #emit(event: LiveEvent): void {
    if (event.kind === "beat") heardTime(event.atMs, Date.now(), Date.now());
    for (const { event: tell } of [...this.#listeners]) tell?.(event);
  }
}

/** This page's. */
export const line = new Line();
