import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import type { APIResponse, Browser } from "@playwright/test";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import type { SittingView } from "@/contracts/sitting";
import { loadDemoKitchen } from "@/server/demo/load";
import { openDatabase } from "@/server/database";
import { Evening, startSaturday } from "../tests/evening-kitchen";

/* The page at work in the middle of the example's Saturday: everything up to then done at its minute. */

const PORT = 3235;
const MIN = 60_000;
/** So long after the last dish went into the oven. */
const LATER_MS = 46 * MIN;

async function kept(answer: Promise<APIResponse>): Promise<void> {
  const said = await answer;
  if (!said.ok()) throw new Error(`${said.url()} was not kept: ${said.status()} ${await said.text()}`);
}

export async function takeEvening(browser: Browser): Promise<void> {
  const example = path.join(mkdtempSync(path.join(tmpdir(), "crock-")), "example.db");
  const db = openDatabase(example);
  loadDemoKitchen(db, Date.now());
  db.$client.close();
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    reducedMotion: "reduce",
    locale: "en-GB",
    timezoneId: "Europe/London",
  });
  const page = await context.newPage();
  const evening = await Evening.open(page, PORT, example);
  try {
    const sittingId = await startSaturday(page, evening.url);
    const at = `${evening.url}/api/sittings/${sittingId}`;
    const view = (await (await page.request.get(at)).json()) as SittingView;
    const tasks = view.plan.answer.status === "planned" ? view.plan.answer.tasks : [];
    const batchOf = (task: PlannedTask) => {
      const dish = view.body.dishes.find((d) => d.id === task.dishId);
      return dish?.kind === "running" ? dish.batchId : undefined;
    };
    const cooks = tasks.filter((t) => t.stepId === "stage_1" && batchOf(t));
    const nowMs = Math.max(...cooks.map((t) => t.startMs)) + LATER_MS;
    await evening.at(nowMs);
    for (const task of tasks.filter((t) => t.handsOn && t.startMs < nowMs)) {
      const batchId = batchOf(task);
      const data = { atMs: task.startMs };
      if (!batchId) await kept(page.request.put(`${at}/done`, { data: { taskId: task.id, ...data } }));
      else
        await kept(page.request.put(`${evening.url}/api/batches/${batchId}/acts/${task.stepId}`, { data }));
      if (batchId && task.kind === "takeOut")
        await kept(page.request.post(`${evening.url}/api/batches/${batchId}/lift`, { data }));
    }
    for (const task of cooks) {
      // On its way to be at its exit a little before the minute the plan gives it.
      const out = tasks.find((t) => t.dishId === task.dishId && t.kind === "ovenOut");
      const exitC = Number(/at (\d+)/.exec(out?.title ?? "")?.[1]);
      const ovenC = Number(/(\d+) °C/.exec(task.title)?.[1]);
      const wholeMs = 0.85 * ((out?.startMs ?? nowMs) - task.startMs);
      // As a middle that is cold for a while and then goes after its oven.
      const left = (ms: number) => Math.pow((ovenC - exitC) / (ovenC - 5), Math.pow(ms / wholeMs, 1.4));
      for (let ms = 0; task.startMs + ms <= nowMs; ms += 4 * MIN) {
        const value = Math.round((ovenC - (ovenC - 5) * left(ms)) * 10) / 10;
        const data = { channel: "probe", atMs: task.startMs + ms, value };
        await kept(page.request.post(`${evening.url}/api/batches/${batchOf(task)}/samples`, { data }));
      }
    }
    await evening.restart();
    await page.goto(`${evening.url}/work`);
    await page.waitForTimeout(2500);
    await page.screenshot({ path: "docs/screenshots/at-work.png" });
    await page.setViewportSize({ width: 390, height: 844 });
    await page.waitForTimeout(800);
    await page.screenshot({ path: "docs/screenshots/at-work-phone.png" });
  } finally {
    await evening.kill();
    await context.close();
  }
}
