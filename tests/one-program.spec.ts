import type { SittingView } from "../src/contracts/sitting";
import { BenchPage } from "./bench-page";
import { daysOn } from "./kitchen-clock";
import { comes, expect, test, type Page } from "./kitchen";
import { enterWhen } from "./when-entry";
import { pick } from "./pick";

/* What the Bench decides is what is planned, done and printed. */

const MIN = 60_000;
const plan = (page: Page) => page.getByRole("region", { name: "Plan", exact: true });

async function formulaNamed(
  page: Page,
  name: string,
  set: (bench: BenchPage) => Promise<void>,
): Promise<void> {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name(name);
  await set(bench);
  await bench.save();
}

/** A sitting of one saved formula, eaten in two days at an hour. */
async function begun(page: Page, name: string, clock: string): Promise<void> {
  await page.goto("/sitting");
  await page.getByRole("button", { name: "Plan a sitting" }).click();
  await enterWhen(page, "We eat at", daysOn(2, clock));
  await pick(page, "Add from a formula", name);
}

async function sittingOf(page: Page, name: string, clock: string): Promise<SittingView> {
  await begun(page, name, clock);
  await expect(plan(page)).toContainText(name);
  await comes(page.getByText("saved", { exact: true }));
  return viewOf(page);
}

async function viewOf(page: Page): Promise<SittingView> {
  const id = page.url().split("/").at(-1) ?? "";
  return (await (await page.request.get(`/api/sittings/${id}`)).json()) as SittingView;
}

const tasksOf = (view: SittingView) => {
  if (view.plan.answer.status !== "planned") throw new Error(JSON.stringify(view.plan.answer));
  return view.plan.answer.tasks;
};

/** The minutes of the day an act stands at on the screen, by the words of it. */
async function minuteOf(page: Page, words: string | RegExp): Promise<number> {
  const text = await plan(page).getByRole("listitem").filter({ hasText: words }).first().innerText();
  const [, h, m] = /^(\d\d):(\d\d)/.exec(text) ?? [];
  return Number(h) * 60 + Number(m);
}

test("a bird in two stages is planned to the minute: 195 at 135 °C, then 135 at 190 °C", async ({ page }) => {
  await formulaNamed(page, "Duck in two heats", async (bench) => {
    await bench.choose("Kind", "duck, whole");
    await bench.school("Dry");
    await bench.choose("Divided", "hot, then tented");
    await bench.enter("Heat of stage 1", "135");
    await bench.enter("For stage 1", "195");
    await bench.enter("Heat of stage 2", "190");
    await bench.enter("For stage 2", "135");
  });
  await sittingOf(page, "Duck in two heats", "17:00");
  const inAt = await minuteOf(page, "Into the oven, 135 °C");
  const upAt = await minuteOf(page, /Oven up to 190 °C/);
  const outAt = await minuteOf(page, /Take it out at/);
  expect(upAt - inAt).toBe(195);
  expect(outAt - upAt).toBe(135);
  expect(outAt).toBeLessThan(17 * 60);
  // Lit once, before the first thing that needs it.
  await expect(plan(page).getByRole("listitem").filter({ hasText: "Heat the oven" })).toHaveCount(1);
  expect(await minuteOf(page, "Heat the oven to 135 °C")).toBeLessThan(inAt);
});

test("a bird in parts on two trays: each goes in by its own time, each comes out at its own, for one table", async ({
  page,
}) => {
  await formulaNamed(page, "Duck on two trays", async (bench) => {
    await bench.choose("Kind", "duck, whole");
    await bench.enter("Pieces", "1");
    await bench.school("Dry");
    await bench.press("A part of its own: breast");
    await bench.press("A part of its own: leg quarters");
    await bench.toggle("Taken apart, a tray each");
  });
  const tasks = tasksOf(await sittingOf(page, "Duck on two trays", "18:00"));
  const task = (stepId: string) => {
    const found = tasks.find((t) => t.stepId === stepId);
    if (!found) throw new Error(`no ${stepId} among ${tasks.map((t) => t.stepId).join(", ")}`);
    return found;
  };
  const serve = task("serve").startMs;
  for (const part of ["p1", "p2"]) {
    const into = task(`${part}_stage_1`);
    const out = task(`${part}_oven_out`);
    expect(into.uses).toContainEqual(expect.objectContaining({ resourceId: "tray", amount: 1 }));
    expect(out.startMs).toBe(into.endMs);
    expect(serve - out.startMs).toBeGreaterThanOrEqual(0);
    expect((serve - out.startMs) / MIN).toBeLessThan(60);
    await expect(plan(page).getByRole("listitem").filter({ hasText: out.title }).first()).toBeVisible();
  }
  expect(task("p1_stage_1").startMs).not.toBe(task("p2_stage_1").startMs);
  // What is no part goes to the stock.
  await expect(plan(page)).toContainText(/stock/i);
});

test("two hours set on the Bench are two hours in the plan", async ({ page }) => {
  await formulaNamed(page, "Chops, two hours", async (bench) => {
    await bench.school("Marinade");
    await bench.enter("Hours in it", "2 h");
    await expect(page.getByRole("slider")).toHaveAttribute("aria-valuenow", "2");
  });
  const view = await sittingOf(page, "Chops, two hours", "18:00");
  const pullH = view.body.dishes[0].kind === "formula" ? view.body.dishes[0].formulation.pullH : 0;
  const soak = tasksOf(view).find((t) => t.stepId === "soak");
  expect(((soak?.endMs ?? 0) - (soak?.startMs ?? 0)) / MIN).toBe(Math.round(pullH * 60));
  await expect(page.getByText(/^hold my 2 h/)).toBeVisible();
});

test("a night in a cooler: its ice is looked at within every five hours to the end", async ({ page }) => {
  await formulaNamed(page, "Loin in the cooler", async (bench) => {
    await bench.choose("Kind", "pork loin roast, boneless");
    await bench.choose("Stands in", "a cooler with ice");
  });
  // In the night's hours nobody looks at the ice: it does not fit, until somebody gets up for it.
  await begun(page, "Loin in the cooler", "18:00");
  const clash = page.getByRole("region", { name: "Clash" });
  await clash.locator('[data-offer="getUp"]').click();
  await page.getByRole("button", { name: "Take this change" }).click();
  await expect(plan(page)).toContainText("Loin in the cooler");
  await comes(page.getByText("saved", { exact: true }));
  const view = await viewOf(page);
  const tasks = tasksOf(view);
  const soak = tasks.find((t) => t.stepId === "soak");
  const looks = tasks.filter((t) => /^ice_\d+$/.test(t.stepId)).map((t) => t.startMs);
  const all = [soak?.startMs ?? 0, ...looks, soak?.endMs ?? 0];
  expect(looks.length).toBeGreaterThan(1);
  for (let i = 1; i < all.length; i++) expect((all[i] - all[i - 1]) / MIN).toBeLessThanOrEqual(300);
});

test("one plan on the screen, a second device, paper, calendar, CSV and the API; and after a reload", async ({
  page,
  browser,
}) => {
  await page.goto("/sitting");
  await page.getByRole("link", { name: / at the lock/ }).click();
  await expect(plan(page)).toBeVisible();
  const view = await viewOf(page);
  const tasks = tasksOf(view);
  const clock = (ms: number) =>
    new Date(ms).toLocaleTimeString("en-GB", { timeZone: view.timeZone, hour: "2-digit", minute: "2-digit" });
  const told = tasks.map((t) => `${clock(t.startMs)} ${t.dish}: ${t.title}`);
  const plain = (text: string) => text.replace(/\s+/g, " ").trim();
  const onScreen = async (at: Page) =>
    (
      await at
        .locator("ol li")
        .filter({ hasText: /^\d\d:\d\d/ })
        .allInnerTexts()
    ).map((t) => plain(t).replace(/ · [^·]*$/, ""));
  const shown = await onScreen(page);
  expect(shown).toHaveLength(told.length);
  told.forEach((line, i) => expect(plain(shown[i])).toContain(plain(line).slice(0, 40)));

  const tablet = await (await browser.newContext()).newPage();
  await tablet.goto(page.url());
  await expect(plan(tablet)).toBeVisible();
  expect(await onScreen(tablet)).toEqual(shown);
  await page.reload();
  await expect(plan(page)).toBeVisible();
  expect(await onScreen(page)).toEqual(shown);
  const print = await page.getByRole("link", { name: "Print", exact: true }).getAttribute("href");
  await tablet.goto(new URL(print ?? "", page.url()).href);
  expect(await onScreen(tablet)).toEqual(shown);
  await tablet.context().close();

  const csv = await (await page.request.get(`/api/sittings/${view.id}/acts`)).text();
  const rows = csv.trim().split(/\r?\n/).slice(1);
  expect(rows).toHaveLength(tasks.length);
  for (const t of tasks) expect(csv).toContain(new Date(t.startMs).toISOString());
  const calendar = (await (await page.request.get(`/api/sittings/${view.id}/calendar`)).text()).replace(
    /\r?\n[ \t]/g,
    "",
  );
  const starts = [...calendar.matchAll(/DTSTART:(\S+)/g)].map((m) => m[1]);
  const stamp = (ms: number) => new Date(ms).toISOString().replace(/[-:]/g, "").replace(".000", "");
  expect(starts).toEqual(tasks.filter((t) => t.handsOn).map((t) => stamp(t.startMs)));
  expect(calendar).toContain("Heat the oven");
  const again = await viewOf(page);
  expect(tasksOf(again)).toEqual(tasks);
});

test("pull now, while another dish is in hand: it stands above, and asks again", async ({ page }) => {
  const batches = (await (await page.request.get("/api/v1/batches")).json()) as {
    id: string;
    name: string;
  }[];
  const id = batches.find((b) => b.name.startsWith("Duck legs"))?.id ?? "";
  const now = Date.now();
  const ok = async (sent: Promise<{ ok: () => boolean }>) => expect((await sent).ok()).toBe(true);
  await ok(page.request.put(`/api/batches/${id}/acts/lift_out`, { data: { atMs: now - 112 * MIN } }));
  await ok(page.request.post(`/api/batches/${id}/lift`, { data: { atMs: now - 112 * MIN } }));
  await ok(page.request.put(`/api/batches/${id}/acts/stage_1`, { data: { atMs: now - 100 * MIN } }));
  for (let m = 0; m <= 96; m += 8) {
    const value = Math.round((6 + 0.78 * m) * 10) / 10;
    await ok(
      page.request.post(`/api/batches/${id}/samples`, {
        maxRetries: 3,
        data: { channel: "probe", atMs: now - (100 - m) * MIN, value },
      }),
    );
  }
  // The loin is being seen to.
  await page.goto("/work");
  await page
    .getByRole("button", { name: /^Juniper pork loin/ })
    .first()
    .click();
  await expect(page.locator("[data-act]").last()).toHaveAttribute("aria-label", /Juniper pork loin/);
  await expect(page.getByRole("alert").filter({ hasText: "Take it out now" })).toHaveCount(0);

  await ok(
    page.request.post(`/api/batches/${id}/samples`, {
      maxRetries: 3,
      data: { channel: "probe", atMs: Date.now(), value: 87 },
    }),
  );
  const alarm = page.getByRole("alert").filter({ hasText: "Take it out now" });
  await expect(alarm).toContainText("2.0 °C over");
  // Above whatever else is looked at, and it stays until a hand says that it is out.
  await expect(page.locator("[data-act]").first()).toHaveAttribute("data-heat", "takeOut");
  await expect(page.locator("[data-act]").last()).toHaveAttribute("aria-label", /Juniper pork loin/);
  await page.reload();
  await expect(alarm).toBeVisible();
  await alarm.getByRole("button", { name: "5 min more" }).click();
  await expect(alarm).toHaveCount(0);
  await page.getByRole("button", { name: "It is out" }).first().click();
  await expect(page.locator("[data-heat]")).toHaveCount(0);
});
