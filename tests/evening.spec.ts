import { copyFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { pathToFileURL } from "node:url";
import Database from "better-sqlite3";
import type { PlannedTask } from "../src/core/schedule/answer";
import type { SittingView } from "../src/contracts/sitting";
import { expect, test, type Page } from "./kitchen";
import { EXAMPLE, freshFile, openKitchen } from "./server";

const MIN = 60_000;

/** A whole evening on a clock that is wound on from act to act: the server's and the browser's together. */
class Evening {
  private nowMs = Date.now();
  private constructor(
    private readonly page: Page,
    readonly url: string,
    private readonly clockFile: string,
    readonly kill: () => Promise<void>,
  ) {}

  /** The example kitchen with nothing at work but what this evening starts. */
  static async open(page: Page, port: number): Promise<Evening> {
    const databasePath = freshFile();
    copyFileSync(EXAMPLE, databasePath);
    const db = new Database(databasePath);
    const ofBatches = db
      .prepare<[], { name: string }>(
        "SELECT m.name FROM sqlite_master m, pragma_table_info(m.name) c WHERE c.name = 'batch_id'",
      )
      .all();
    db.pragma("foreign_keys = OFF");
    for (const { name } of [...ofBatches, { name: "batches" }]) db.prepare(`DELETE FROM "${name}"`).run();
    db.close();
    const clockFile = `${databasePath}.clock`;
    writeFileSync(clockFile, "0");
    const preload = pathToFileURL(path.resolve("tests/stepped-clock.mjs")).href;
    const kitchen = await openKitchen(port, {
      databasePath,
      env: { CLOCK_FILE: clockFile, NODE_OPTIONS: `--import ${preload}` },
    });
    return new Evening(page, kitchen.url, clockFile, kitchen.kill);
  }

  /** Winds on to an instant, never back. */
  async at(ms: number): Promise<void> {
    this.nowMs = Math.max(this.nowMs, ms);
    writeFileSync(this.clockFile, String(this.nowMs - Date.now()));
    await this.page.clock.setFixedTime(this.nowMs);
    // The server reads its clock's file every few hundredths of a second.
    await this.page.waitForTimeout(40);
  }

  get now(): number {
    return this.nowMs;
  }
}

async function openTasks(page: Page, url: string, sittingId: string): Promise<PlannedTask[]> {
  const view = (await (await page.request.get(`${url}/api/sittings/${sittingId}`)).json()) as SittingView;
  if (view.plan.answer.status !== "planned") throw new Error(JSON.stringify(view.plan.answer));
  return view.plan.answer.tasks.filter((t) => t.handsOn);
}

test("the whole evening of the example sitting, from the first act to the plate, without one false card", async ({
  page,
  otherPort,
}) => {
  test.setTimeout(280_000);
  const evening = await Evening.open(page, otherPort());
  try {
    await lived(page, evening);
  } finally {
    await evening.kill();
  }
});

async function lived(page: Page, evening: Evening): Promise<void> {
  const { url } = evening;
  await page.goto(`${url}/sitting`);
  await page.getByRole("link", { name: /Saturday at the lock/ }).click();
  await expect(page.getByRole("region", { name: "Plan", exact: true })).toBeVisible();
  const starts = page.getByRole("button", { name: "Start", exact: true });
  for (let left = await starts.count(); left > 0; left--) {
    await starts.first().click();
    await expect(starts).toHaveCount(left - 1);
  }
  const sittingId = page.url().split("/").at(-1) ?? "";
  const seen: string[] = [];
  const card = page.locator("[data-act]").first();
  for (;;) {
    const open = await openTasks(page, url, sittingId);
    if (open.length === 0) break;
    const next = open[0];
    await evening.at(next.startMs);
    await page.goto(`${url}/work`);
    // The card is an act that is due by the plan, whichever dish it is of.
    const due = open.filter((t) => t.startMs <= evening.now + MIN);
    await expect(card).toBeVisible();
    const act = await card.getAttribute("data-act");
    const label = (await card.getAttribute("aria-label")) ?? "";
    const task = due.find((t) => t.stepId === act && label.includes(`${t.dish}: `));
    expect(
      task,
      `${label} (${act}) among ${due.map((t) => `${t.dish}: ${t.title}`).join(" · ")}`,
    ).toBeDefined();
    // Nothing is late, nothing was passed over, nothing alarms.
    await expect(page.getByRole("region", { name: "Not ticked off" })).toHaveCount(0);
    if (task?.kind === "ovenOut") await takenOut(page, evening);
    else {
      await expect(
        page.locator('[data-heat="takeOut"], [data-heat="silent"], [data-heat="slipped"]'),
      ).toHaveCount(0);
      await card.getByRole("button", { name: "Done", exact: true }).click();
    }
    seen.push(task?.id ?? "");
    expect(seen.length).toBeLessThan(200);
    await expect
      .poll(async () => (await openTasks(page, url, sittingId)).some((t) => t.id === task?.id))
      .toBe(false);
  }
  // Once each, and to the plate.
  expect(new Set(seen).size).toBe(seen.length);
  expect(seen.filter((id) => id.endsWith("/serve")).length).toBeGreaterThan(2);
  await page.goto(`${url}/work`);
  await expect(page.getByText(/all done\. How was it\?/)).toBeVisible();
}

/** Read a little under its exit it stays in; at its exit the card says so, and asks for a hand. */
async function takenOut(page: Page, evening: Evening): Promise<void> {
  const heat = page.locator("[data-heat]").first();
  const panel = page.locator("[data-core-of]").first();
  if ((await panel.count()) > 0) {
    const exit = Number(/Out at\s+(\d+)/.exec((await panel.innerText()).replaceAll("\u202f", ""))?.[1]);
    for (const [coreC, state] of [
      [exit - 4, "rising"],
      [exit, "takeOut"],
    ] as const) {
      await evening.at(evening.now + MIN / 2);
      await panel.getByLabel(/^Probe reads/).fill(String(coreC));
      await panel.getByRole("button", { name: "Enter it" }).click();
      await expect(heat).toHaveAttribute("data-heat", state);
    }
  }
  await page.getByRole("button", { name: "It is out" }).first().click();
}
