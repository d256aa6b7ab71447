import { BenchPage } from "./bench-page";
import { alone as test, expect } from "./kitchen";
import { pick } from "./pick";

const PASSPHRASE = "barley wharf lantern 7";

/** A tablet reaches the kitchen by a name on its own network and without TLS: the browser then withholds much. */
test("a tablet on the network, without TLS: it signs in, and all that a cook does works", async ({
  page,
  browser,
  exampleKitchen,
}) => {
  await page.request.put(`${exampleKitchen.url}/api/door`, { data: { passphrase: PASSPHRASE } });
  const tablet = await (await browser.newContext({ reducedMotion: "reduce" })).newPage();
  const faults: string[] = [];
  tablet.on("pageerror", (fault) => faults.push(fault.message));

  const address = exampleKitchen.url.replace("127.0.0.1", "kitchen.test");
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

test("uploads that the proxy lets by ask for the passphrase themselves, however the path is spelt", async ({
  page,
  exampleKitchen: { url },
  playwright,
}) => {
  const listed = await page.request.get(`${url}/api/v1/batches`);
  const [{ id }] = (await listed.json()) as { id: string }[];
  await page.request.put(`${url}/api/door`, { data: { passphrase: PASSPHRASE } });
  const stranger = await playwright.request.newContext();
  const csv = "at_utc,what,temperature_c\n2026-11-28T12:00:00Z,fridge,4";
  for (const path of [
    `/api/batches/${id}/photos`,
    `/api/batches/${id}/csv`,
    `/api/batches/${id}%2Fx/csv`,
    "/api/archive",
    "/api/restore",
    "/api/v1/archive",
    `/api/v1/batches/${id}/readings.csv`,
    `/api/v1/batches/a%2Fb/readings.csv`,
    `/api/v1/batches/${id}/readings%2Ecsv`,
  ])
    expect([path, (await stranger.post(url + path, { data: csv })).status()]).toEqual([path, 401]);
  expect((await stranger.get(`${url}/api/batches/${id}/csv`)).status()).toBe(401);
  const elsewhere = { origin: "http://elsewhere.example" };
  const signedIn = await page.request.post(`${url}/api/batches/${id}/csv`, { data: csv, headers: elsewhere });
  expect(signedIn.status()).toBe(403);
  await stranger.dispose();
});
