import type { SittingView } from "../src/contracts/sitting";
import { trayOf, USUAL_HOURS } from "../src/core/schedule/sitting.fixture";
import { Evening } from "./evening-kitchen";
import { alone as test, expect } from "./kitchen";

const MIN = 60_000;
const DAY = 24 * 60 * MIN;

test("in the oven too late for the hour: every page says by how much, and the papers go on", async ({
  page,
  otherPort,
}) => {
  const evening = await Evening.open(page, otherPort());
  try {
    const { url } = evening;
    // Whatever hour this runs at: from the next noon.
    const noonMs = Math.ceil(evening.now / DAY) * DAY + DAY / 2;
    await evening.at(noonMs);
    const tableMs = noonMs + 120 * MIN;
    const body = { name: "Roots tonight", tableMs, dishes: [trayOf("Roots", 50)], ...USUAL_HOURS };
    const made = await page.request.post(`${url}/api/sittings`, { data: body });
    expect(made.ok(), await made.text()).toBe(true);
    const { id } = (await made.json()) as { id: string };
    const sitting = `${url}/api/sittings/${id}`;
    const view = async () => (await (await page.request.get(sitting)).json()) as SittingView;
    const { plan } = await view();
    if (plan.answer.status !== "planned") throw new Error(JSON.stringify(plan.answer));
    const into = plan.answer.tasks.find((t) => t.stepId === "tray_0");
    const slackMin = (tableMs - Math.max(...plan.answer.tasks.map((t) => t.endMs))) / MIN;
    const tick = (step: string) =>
      page.request.put(`${sitting}/done`, { data: { taskId: `roots/${step}`, atMs: evening.now } });
    await evening.at((into?.startMs ?? 0) - 20 * MIN);
    for (const step of ["prep", "preheat"]) expect((await tick(step)).ok()).toBe(true);
    await evening.at((into?.startMs ?? 0) + 25 * MIN);
    expect((await tick("tray_0")).ok()).toBe(true);

    await page.goto(`${url}/sitting/${id}`);
    const late = page.getByRole("region", { name: "Late" });
    const byMin = 25 - slackMin;
    await expect(late).toContainText(`Late by ${byMin} min`);
    await expect(page.getByRole("region", { name: "Clash" })).toHaveCount(0);
    await late.getByRole("button", { name: "What would hold the hour?" }).click();
    // Nothing but the hour can be changed any more: that is offered, and taken it is late no longer.
    await late.locator('[data-offer="later"]').click();
    await page.getByRole("button", { name: "Take this change" }).click();
    await expect(late).toHaveCount(0);
    await expect(page.getByRole("region", { name: "Plan", exact: true })).toContainText("Roots");
    await page.request.put(sitting, { data: { body, baseRevision: (await view()).revision } });

    await page.goto(`${url}/work`);
    await expect(page.getByText(`Roots tonight: late by ${byMin} min`)).toBeVisible();
    await page.goto(`${url}/print/sitting/${id}`);
    await expect(page.getByText(`late by ${byMin} min`)).toBeVisible();
    for (const file of ["calendar", "acts"])
      expect((await page.request.get(`${sitting}/${file}`)).status()).toBe(200);
  } finally {
    await evening.kill();
  }
});
