import { spawn } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { chromium, type Page } from "@playwright/test";

const PORT = 3222;
const KEYSTROKES = 40;

/** From a keystroke in a field of the Bench to the next painted frame, on the production build in Chromium. */
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
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await openBench(page);
    for (const [label, texts] of [
      ["On the scale, all", (i: number) => String(1000 + i)],
      ["Salt wanted", (i: number) => (1.2 + i / 100).toFixed(2)],
    ] as const)
      report(
        label,
        await timeKeystrokes(
          page,
          label,
          Array.from({ length: KEYSTROKES }, (_, i) => texts(i)),
        ),
      );
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

/** Milliseconds of script for each keystroke: the input event handled, the sheet computed and the page redrawn. */
function timeKeystrokes(page: Page, label: string, texts: string[]): Promise<number[]> {
  return page.getByLabel(label, { exact: true }).evaluate(async (element, all) => {
    const input = element as HTMLInputElement;
    const setValue = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
    // No inner functions here: the script runner would name them by a helper the page does not have.
    const main = document.querySelector("main");
    const times: number[] = [];
    for (const text of all) {
      await new Promise((done) => requestAnimationFrame(() => setTimeout(done, 30)));
      const before = main?.textContent;
      const from = performance.now();
      setValue?.call(input, text);
      input.dispatchEvent(new Event("input", { bubbles: true }));
      // React redraws in a microtask; the layout read makes the browser lay the page out as a frame would.
      await Promise.resolve();
      document.body.getBoundingClientRect();
      times.push(performance.now() - from);
      if (main?.textContent === before)
        throw new Error(`typing ${text} changed no figure: nothing was measured`);
    }
    return times;
  }, texts);
}

function report(label: string, times: number[]): void {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) =>
    sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))].toFixed(1);
  console.log(
    `Bench, keystroke in “${label}”: median ${at(0.5)} ms, p95 ${at(0.95)} ms, worst ${at(1)} ms (budget 50 ms)`,
  );
}
