import { expect, test } from "./kitchen";
import { BenchPage } from "./bench-page";

test("dragging the pull marker moves the figures and the shading", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  const slider = page.getByRole("slider", { name: "out at" });
  const before = await bench.figureNumber("mean");
  const colours = () =>
    page
      .locator("[data-cut] path")
      .evaluateAll((shades) =>
        shades.map((s) => `${(s as SVGPathElement).style.fill} ${s.getAttribute("d")?.length}`),
      );
  const shades = await colours();

  // The soft edges have settled by then: they decide how much the rail shows.
  await expect(page.getByText(/ takes .* (longer|less)$/)).toBeVisible();
  await slider.scrollIntoViewIfNeeded();
  const bar = await slider.locator("..").boundingBox();
  const marker = await slider.boundingBox();
  if (!bar || !marker) throw new Error("no rail");
  const hours = async () => Number(await slider.getAttribute("aria-valuenow"));
  const y = bar.y + bar.height / 2;
  const spanH = ((await hours()) * bar.width) / (marker.x + marker.width / 2 - bar.x);
  // Taken a little beside its middle: it keeps its distance from the finger and does not jump.
  const grip = marker.x + marker.width / 2 + 6;
  await page.mouse.move(grip, y);
  await page.mouse.down();
  const taken = await hours();
  await page.mouse.move(grip - bar.width * 0.1, y, { steps: 5 });
  await page.mouse.up();

  // The rail stood still while it was dragged: a tenth of it is a tenth of its hours.
  const now = await hours();
  expect(Math.abs(taken - 0.1 * spanH - now)).toBeLessThanOrEqual(0.25);
  await expect.poll(() => bench.figureNumber("mean")).toBeLessThan(before);
  expect(await colours()).not.toEqual(shades);

  // Keys are as exact as the mouse.
  await slider.focus();
  await page.keyboard.press("ArrowRight");
  await expect(slider).toHaveAttribute("aria-valuenow", String(now + 0.25));
  await page.keyboard.press("Shift+ArrowRight");
  await expect(slider).toHaveAttribute("aria-valuenow", String(now + 2.75));
});

test("arrow keys nudge a weight, with Shift ten times as far", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.enter("Weight of all pieces", "1000");
  const mass = page.getByLabel("Weight of all pieces");
  await mass.press("ArrowUp");
  await expect(mass).toHaveValue(/^1.010 g$/);
  await mass.press("Shift+ArrowDown");
  await expect(mass).toHaveValue("910 g");
});

test("a draft outlives a reload and a step back; another tab has its own", async ({ page, context }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.enter("Weight of all pieces", "1234");
  await page.reload();
  await expect(page.getByLabel("Weight of all pieces")).toHaveValue(/^1.234 g$/);
  await page.getByRole("link", { name: "Stores" }).click();
  await expect(page.getByRole("heading", { name: "Stores", level: 1 })).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel("Weight of all pieces")).toHaveValue(/^1.234 g$/);

  const other = new BenchPage(await context.newPage());
  await other.open();
  await expect(other.page.getByLabel("Weight of all pieces")).not.toHaveValue(/^1.234 g$/);
});

test("saved, it stays on its Bench with its past; the rack's Bench is a new one", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Kept where it is");
  await bench.enter("Portions", "7");
  const drawnWith = await page.locator("body").getAttribute("data-stores");
  await bench.save();
  await expect(page).toHaveURL(/\?formula=/);
  // The Stores hold one formula more: the page is read anew, by its new address.
  await expect(page.locator("body")).not.toHaveAttribute("data-stores", drawnWith ?? "");
  await page.getByRole("button", { name: "Undo the last change" }).click();
  await expect(page.getByLabel("Portions")).not.toHaveValue("7");
  await page.getByRole("link", { name: "Bench", exact: true }).click();
  await expect(page).toHaveURL(/\/bench$/);
  await expect(page.getByLabel("Name of the formula")).not.toHaveValue("Kept where it is");
  await expect(page.getByRole("button", { name: "Save as a formula" })).toBeVisible();
});

test("saved, it is found by a reload however slowly the kitchen answers", async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.name("Saved on a slow line");
  // What the router asks for stays without an answer.
  await page.route(/[?&]_rsc=/, () => undefined);
  await bench.save();
  await page.reload();
  await expect(page.getByLabel("Name of the formula")).toHaveValue("Saved on a slow line");
});
