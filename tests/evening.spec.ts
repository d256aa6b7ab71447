import { Evening, openTasks, startSaturday } from "./evening-kitchen";
import type { PlannedTask } from "../src/core/schedule/planned-tasks";
import { alone as test, expect, type Page } from "./kitchen";

const MIN = 60_000;
/** Nobody is on the second: every act is done so much after its minute. */
const LATE_MS = 50_000;
/** At one act in so many the page is opened anew. */
const OPENED_EVERY = 6;

test("the whole evening of the example sitting, from the first act to the plate, without one false card", async ({
  page,
  otherPort,
}) => {
  const evening = await Evening.open(page, otherPort());
  try {
    await lived(page, evening);
  } finally {
    await evening.kill();
  }
});

async function lived(page: Page, evening: Evening): Promise<void> {
  const { url } = evening;
  const sittingId = await startSaturday(page, url);
  const seen: string[] = [];
  const card = page.locator("[data-act]").first();
  let open = await openTasks(page, url, sittingId);
  while (open.length > 0) {
    const next = open[0];
    const stood = seen.length > 0 ? await cardOn(page) : undefined;
    await evening.at(next.startMs + LATE_MS);
    // It stays open, as on the counter; now and then somebody looks on another device.
    if (seen.length % OPENED_EVERY === 0) await page.goto(`${url}/work`);
    // The card is an act that is due by the plan, whichever dish it is of.
    const due = open.filter((t) => t.startMs <= evening.now + MIN);
    let task: PlannedTask | undefined;
    const others = new Set<string>();
    await expect
      .poll(async () => {
        const { act, label } = await cardOn(page);
        task = due.find((t) => t.stepId === act && label.includes(`${t.dish}: `));
        if (!task) others.add(label);
        return task !== undefined;
      })
      .toBe(true);
    // Until the page has seen the hour the card of before stands, and no other does.
    others.delete(stood?.label ?? "");
    expect([...others], due.map((t) => `${t.dish}: ${t.title}`).join(" · ")).toEqual([]);
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
      .poll(async () => {
        open = await openTasks(page, url, sittingId);
        return open.some((t) => t.id === task?.id);
      })
      .toBe(false);
  }
  // Once each, and to the plate.
  expect(new Set(seen).size).toBe(seen.length);
  expect(seen.filter((id) => id.endsWith("/serve")).length).toBeGreaterThan(2);
  await page.goto(`${url}/work`);
  await expect(page.getByText(/all done\. How was it\?/)).toBeVisible();
}

/** The act whose card stands on the page. */
async function cardOn(page: Page): Promise<{ act: string; label: string }> {
  const card = page.locator("[data-act]").first();
  const [act, label] = await card.evaluate((e) => ["data-act", "aria-label"].map((a) => e.getAttribute(a)));
  return { act: act ?? "", label: label ?? "" };
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
      await expect(panel.locator("[data-core]")).toContainText(coreC.toFixed(1));
      await expect(heat).toHaveAttribute("data-heat", state);
    }
  }
  await page.getByRole("button", { name: "It is out" }).first().click();
}
