import { spawn } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { chromium, type Page } from "@playwright/test";
import { BROWSER } from "../browser";

const PORT = 3222;
const KEYSTROKES = 40;

/** How much slower the page's own processor is made: as it is, and as on a cheap tablet. */
const SLOWER = [1, 4, 6];

/** The Bench in Chromium, of the production build: what a keystroke and a drag cost, its ways in sight. */
export async function benchPage(): Promise<void> {
  const DATABASE_PATH = path.join(mkdtempSync(path.join(tmpdir(), "crock-")), "bench.db");
  const server = spawn(
    process.execPath,
    ["node_modules/next/dist/bin/next", "start", "-p", String(PORT), "-H", "127.0.0.1"],
    {
      env: { ...process.env, DATABASE_PATH },
      stdio: "ignore",
    },
  );
  const browser = await chromium.launch(BROWSER);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await openBench(page);
    await page.locator("[data-way]").first().waitFor();
    const session = await page.context().newCDPSession(page);
    for (const rate of SLOWER) {
      await session.send("Emulation.setCPUThrottlingRate", { rate });
      report(
        `weight, ${rate} × slower`,
        await timeKeystrokes(page, "Weight of all pieces", (i) => String(1000 + 13 * i)),
      );
      report(
        `salt wanted, ${rate} × slower`,
        await timeKeystrokes(page, "Salt wanted in the flesh", (i) => (1.2 + i / 50).toFixed(2)),
      );
    }
    await session.send("Emulation.setCPUThrottlingRate", { rate: 1 });
    await reportWays(page);
    await reportEnsemble(page);
    await reportDrag(page);
  } finally {
    await browser.close();
    server.kill();
  }
}

async function openBench(page: Page): Promise<void> {
  for (let tries = 0; tries < 40; tries++) {
    try {
      await page.goto(`http://127.0.0.1:${PORT}/bench`, { waitUntil: "networkidle" });
      return;
    } catch {
      await new Promise((done) => setTimeout(done, 250));
    }
  }
  throw new Error("the server did not answer: run `npm run build` first");
}

interface Keystroke {
  /** Until the page, with the letter in its field, is laid out anew, ms. */
  seen: number;
  /** Until every figure is of what was typed, ms. */
  answered: number;
}

/** Every keystroke changes a figure, or nothing was measured. */
function timeKeystrokes(page: Page, label: string, text: (i: number) => string): Promise<Keystroke[]> {
  const texts = Array.from({ length: KEYSTROKES }, (_, i) => text(i));
  return page.getByLabel(label, { exact: true }).evaluate(async (element, all) => {
    const input = element as HTMLInputElement;
    const value = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value");
    // No inner functions here: the script runner would name them by a helper the page does not have.
    const times: { seen: number; answered: number }[] = [];
    for (const typed of all) {
      await new Promise((done) => requestAnimationFrame(() => setTimeout(done, 60)));
      const before = document.querySelector("[data-line]")?.textContent;
      const from = performance.now();
      value?.set?.call(input, typed);
      input.dispatchEvent(new Event("input", { bubbles: true }));
      // React redraws in a microtask; the layout read makes the browser lay the page out as a frame would.
      await Promise.resolve();
      document.body.getBoundingClientRect();
      const seen = performance.now() - from;
      while (
        document.querySelector('[aria-busy="true"]') ||
        document.querySelector("[data-line]")?.textContent === before
      ) {
        if (performance.now() - from > 5000)
          throw new Error(`typing ${typed} changed no figure: nothing was measured`);
        await new Promise((done) => setTimeout(done, 1));
      }
      times.push({ seen, answered: performance.now() - from });
    }
    return times;
  }, texts);
}

function report(label: string, times: Keystroke[]): void {
  const at = (of: keyof Keystroke, share: number) => {
    const sorted = times.map((t) => t[of]).sort((a, b) => a - b);
    return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))].toFixed(1);
  };
  console.log(
    `Bench, keystroke in ${label}: seen after ${at("seen", 0.5)} ms, p95 ${at("seen", 0.95)} ms (asked: 50); figures after ${at("answered", 0.5)} ms, p95 ${at("answered", 0.95)} ms`,
  );
}

/** From a changed weight to all ways for it, worked out by two workers side by side. */
async function reportWays(page: Page): Promise<void> {
  const ways = page.getByRole("region", { name: "Ways to get there" });
  const times: number[] = [];
  for (let i = 0; i < 12; i++) {
    await page.getByLabel("Weight of all pieces", { exact: true }).fill(String(900 + 31 * i));
    const took = await ways.evaluate(async (region) => {
      const from = performance.now();
      while (region.getAttribute("aria-busy") === "true") await new Promise((done) => setTimeout(done, 2));
      return performance.now() - from;
    });
    times.push(took - WAYS_PAUSE_MS);
  }
  const sorted = times.sort((a, b) => a - b);
  console.log(
    `all ways in two workers: median ${sorted[6].toFixed(0)} ms, worst ${sorted[11].toFixed(0)} ms (asked: 150)`,
  );
}

/** The ways are asked for so long after the last keystroke. */
const WAYS_PAUSE_MS = 120;

/** From a changed thickness to the softened window: five hundred soaks and the sensitivities, in the worker. */
async function reportEnsemble(page: Page): Promise<void> {
  const times: number[] = [];
  for (const mm of [24, 23, 22, 21, 20]) {
    const from = performance.now();
    await page.getByLabel("Thickness", { exact: true }).fill(String(mm));
    await page.getByText(/trying 500 soaks: /).waitFor();
    await page.getByText(/ takes .* (longer|less)$/).waitFor();
    times.push(performance.now() - from - PAUSE_MS);
  }
  const sorted = times.sort((a, b) => a - b);
  console.log(
    `ensemble of 500 in the worker, from entry to window: median ${sorted[2].toFixed(0)} ms, worst ${sorted[4].toFixed(0)} ms (asked: 800 ms)`,
  );
}

/** The Bench waits this long after the last keystroke before it asks the worker. */
const PAUSE_MS = 200;
const DRAG_MOVES = 150;

interface TraceEvent {
  name?: string;
  pid: number;
  tid: number;
  dur?: number;
  args?: { name?: string };
}

/** Tasks of the page's own thread: the workers' are theirs, and hold nobody up. */
function mainThreadTasksMs(events: readonly TraceEvent[]): number[] {
  const main = new Set(
    events
      .filter((e) => e.name === "thread_name" && e.args?.name === "CrRendererMain")
      .map((e) => `${e.pid}/${e.tid}`),
  );
  return events
    .filter((e) => e.name === "RunTask" || e.name === "ThreadControllerImpl::RunTask")
    .filter((e) => main.has(`${e.pid}/${e.tid}`))
    .map((e) => (e.dur ?? 0) / 1000);
}

/** The pull marker dragged to and fro in a traced run: main-thread tasks and frames. */
async function reportDrag(page: Page): Promise<void> {
  const bar = await page.getByRole("slider", { name: "out at" }).locator("..").boundingBox();
  if (!bar) throw new Error("no rail to drag");
  const session = await page.context().newCDPSession(page);
  const events: TraceEvent[] = [];
  session.on("Tracing.dataCollected", ({ value }) => events.push(...(value as unknown as TraceEvent[])));
  await session.send("Tracing.start", {
    categories: "toplevel,disabled-by-default-devtools.timeline",
    transferMode: "ReportEvents",
  });
  const frames = page.evaluate(async () => {
    const from = performance.now();
    let count = 0;
    while (performance.now() - from < 2000) {
      await new Promise((done) => requestAnimationFrame(done));
      count++;
    }
    return (count * 1000) / (performance.now() - from);
  });
  await page.mouse.move(bar.x + bar.width * 0.8, bar.y + bar.height / 2);
  await page.mouse.down();
  for (let i = 0; i < DRAG_MOVES; i++)
    await page.mouse.move(bar.x + bar.width * (0.55 + 0.3 * Math.sin(i / 12)), bar.y + bar.height / 2);
  await page.mouse.up();
  const framesPerSecond = await frames;
  const done = new Promise((resolve) => session.once("Tracing.tracingComplete", resolve));
  await session.send("Tracing.end");
  await done;
  const tasks = mainThreadTasksMs(events);
  console.log(
    `dragging the pull: longest task ${Math.max(...tasks).toFixed(1)} ms of ${tasks.length} (asked: none over 50 ms), ${framesPerSecond.toFixed(0)} frames a second`,
  );
}
