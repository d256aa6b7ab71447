import { copyFileSync, renameSync, writeFileSync } from "node:fs";
import path from "node:path";
import { pathToFileURL } from "node:url";
import type { PlannedTask } from "../src/core/schedule/planned-tasks";
import type { SittingView } from "../src/contracts/sitting";
import { expect, type Page } from "./kitchen";
import { EXAMPLE, freshFile, openKitchen, removeBatches, type Kitchen } from "./server";

/** A whole evening on a clock that is wound on from act to act: the server's and the browser's together. */
export class Evening {
  private nowMs = Date.now();
  private constructor(
    private readonly page: Page,
    readonly url: string,
    private readonly clockFile: string,
    private readonly kitchen: Pick<Kitchen, "start" | "kill">,
  ) {}

  /** The example kitchen with nothing at work but what this evening starts. */
  static async open(page: Page, port: number, example = EXAMPLE): Promise<Evening> {
    const databasePath = freshFile();
    copyFileSync(example, databasePath);
    removeBatches(databasePath);
    const clockFile = `${databasePath}.clock`;
    writeFileSync(clockFile, "0");
    const preload = pathToFileURL(path.resolve("tests/stepped-clock.mjs")).href;
    const kitchen = await openKitchen(port, {
      databasePath,
      env: { CLOCK_FILE: clockFile, NODE_OPTIONS: `--import ${preload}` },
    });
    return new Evening(page, kitchen.url, clockFile, kitchen);
  }

  /** Winds on to an instant, never back. */
  async at(ms: number): Promise<void> {
    this.nowMs = Math.max(this.nowMs, ms);
    // Put there whole: half written it would be no time, and the server's own would be told for a moment.
    writeFileSync(`${this.clockFile}.next`, String(this.nowMs));
    renameSync(`${this.clockFile}.next`, this.clockFile);
    await this.page.clock.setFixedTime(this.nowMs);
    // The server reads its clock's file every few hundredths of a second.
    await this.page.waitForTimeout(40);
  }

  get now(): number {
    return this.nowMs;
  }

  kill(): Promise<void> {
    return this.kitchen.kill();
  }

  /** As a server that was started at this hour: it has seen no clock jump. */
  async restart(): Promise<void> {
    await this.kitchen.kill();
    await this.kitchen.start();
  }
}

/** What of a sitting's plan still wants hands, by time. */
export async function openTasks(page: Page, url: string, sittingId: string): Promise<PlannedTask[]> {
  // A connection the server has just let go of is asked on anew.
  const asked = await page.request.get(`${url}/api/sittings/${sittingId}`, { maxRetries: 3 });
  const view = (await asked.json()) as SittingView;
  if (view.plan.answer.status !== "planned") throw new Error(JSON.stringify(view.plan.answer));
  return view.plan.answer.tasks.filter((t) => t.handsOn);
}

/** Opens the example's Saturday and starts every dish of it. @returns the sitting's id */
export async function startSaturday(page: Page, url: string): Promise<string> {
  await page.goto(`${url}/sitting`);
  await page.getByRole("link", { name: / at the lock/ }).click();
  // Decided when it is looked at first, and on a machine at work with other things that takes its time.
  await expect(page.getByRole("region", { name: "Plan", exact: true })).toBeVisible();
  const starts = page.getByRole("button", { name: "Start", exact: true });
  for (let left = await starts.count(); left > 0; left--) {
    await starts.first().click();
    await expect(starts).toHaveCount(left - 1);
  }
  return page.url().split("/").at(-1) ?? "";
}
