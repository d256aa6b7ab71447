import { BenchPage } from "./bench-page";
import { expect, test } from "./kitchen";
import { pick } from "./pick";

const PASSPHRASE = "barley wharf lantern 7";

/** A tablet reaches the kitchen by a name on its own network and without TLS: the browser then withholds much. */
test("a tablet on the network, without TLS: it signs in, and all that a cook does works", async ({
  page,
  browser,
  emptyKitchen,
}) => {
  await page.request.post(`${emptyKitchen.url}/api/demo`, { data: {} });
  await page.request.put(`${emptyKitchen.url}/api/door`, { data: { passphrase: PASSPHRASE } });
  const tablet = await (await browser.newContext({ reducedMotion: "reduce" })).newPage();
  const faults: string[] = [];
  tablet.on("pageerror", (fault) => faults.push(fault.message));

  const address = emptyKitchen.url.replace("127.0.0.1", "kitchen.test");
  await tablet.goto(`${address}/stores`);
  expect(await tablet.evaluate(() => window.isSecureContext)).toBe(false);
  await tablet.getByLabel(/passphrase/).fill(PASSPHRASE);
  await tablet.getByRole("button", { name: "Come in" }).click();
  await expect(tablet.getByRole("heading", { name: "Stores", level: 1 })).toBeVisible();

  await tablet.getByRole("button", { name: "Add a vessel" }).click();
  await tablet.getByRole("dialog").getByLabel("Name").fill("Lock pail");
  await tablet.getByRole("dialog").getByRole("button", { name: "Keep it" }).click();
  await expect(tablet.getByRole("region", { name: "Vessels" })).toContainText("Lock pail");

  await tablet.getByRole("link", { name: "Versions and files of Juniper pork loin" }).click();
  await tablet.getByRole("button", { name: "Copy the link" }).click();
  await expect(tablet.getByRole("button", { name: "Copied" })).toBeVisible();

  await tablet.goto(`${address}/sitting`);
  await tablet.getByRole("button", { name: "Plan a sitting" }).click();
  await pick(tablet, "Add from a formula", "Juniper pork loin");
  await expect(tablet.getByRole("region", { name: "Plan", exact: true })).toContainText("Juniper pork loin");

  const bench = new BenchPage(tablet);
  await tablet.goto(`${address}/bench`);
  await bench.name("By the tablet");
  await bench.start();
  await expect(tablet.getByRole("article", { name: "By the tablet" })).toBeVisible();
  expect(faults).toEqual([]);
  await tablet.context().close();
});
