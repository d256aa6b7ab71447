import { alone as test, expect, type Locator, type Page } from "./kitchen";
import { daysOn } from "./kitchen-clock";
import { pick } from "./pick";
import { enterWhen } from "./when-entry";

test.use({ hasTouch: true });

async function loinAlone(page: Page): Promise<void> {
  await page.goto("/sitting");
  await page.getByRole("button", { name: "Plan a sitting" }).click();
  await enterWhen(page, "We eat at", daysOn(3, "18:00"));
  await pick(page, "Add from a formula", "Juniper pork loin");
  await expect(page.getByRole("region", { name: "Plan", exact: true })).toContainText("Weigh");
}

async function middleOf(thing: Locator): Promise<{ x: number; y: number }> {
  await thing.scrollIntoViewIfNeeded();
  const box = await thing.boundingBox();
  if (!box) throw new Error("it is not drawn");
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** A finger that goes down on a thing, up the page, and off it. */
async function fingerUp(page: Page, thing: Locator, byPx: number): Promise<void> {
  const { x, y } = await middleOf(thing);
  const finger = await page.context().newCDPSession(page);
  const touch = (type: "touchStart" | "touchMove" | "touchEnd", atPx?: number) =>
    finger.send("Input.dispatchTouchEvent", {
      type,
      touchPoints: atPx === undefined ? [] : [{ x, y: atPx }],
    });
  await touch("touchStart", y);
  for (let part = 1; part <= 4; part++) await touch("touchMove", y - (byPx * part) / 4);
  await touch("touchEnd");
}

test("an act is dragged by a finger; the edge of a soak by mouse and by keys, and let go with Escape", async ({
  page,
}) => {
  await loinAlone(page);
  const moved = page.getByRole("button", { name: /Let it move again/ });
  const weigh = page.locator('[data-task$="/weigh_out"]').first();
  await fingerUp(page, weigh, 40);
  await expect(weigh).toHaveAttribute("aria-label", /put here/);
  await expect(moved).toHaveCount(1);
  await moved.click();
  await expect(moved).toHaveCount(0);

  // The soak ends with its being taken out: the edge is that act, and the hours follow.
  const soak = page.locator('[data-task$="/soak"]').first();
  const edge = page.locator('[data-edge="till"]').first();
  const out = page.locator('[data-task$="/lift_out"]').first();
  const until = async () => (await soak.innerText()).match(/until (.*)/)?.[1];
  const before = await until();
  await expect(edge).toHaveAttribute("aria-label", new RegExp(`till ${before}$`));
  await edge.focus();
  await page.keyboard.press("ArrowUp");
  await expect(out).toHaveAttribute("aria-label", /put here/);
  await expect.poll(until).not.toBe(before);
  const nudged = await until();
  await expect(edge).toHaveAttribute("aria-label", new RegExp(`till ${nudged}$`));

  const { x, y } = await middleOf(edge);
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y - 8, { steps: 4 });
  await expect(edge).not.toHaveAttribute("aria-label", new RegExp(`till ${nudged}$`));
  await page.keyboard.press("Escape");
  await page.mouse.up();
  await expect(edge).toHaveAttribute("aria-label", new RegExp(`till ${nudged}$`));
  // Let go elsewhere it is there, and what moved is said.
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 10, { steps: 4 });
  await page.mouse.up();
  await expect.poll(until).not.toBe(nudged);
  await expect(page.getByText("What moved")).toBeVisible();
  await expect(edge).toHaveAttribute("aria-label", new RegExp(`till ${await until()}$`));
  await moved.click();
  await expect.poll(until).toBe(before);
});
