import type { Browser } from "@playwright/test";
import { alone as test, chooseFile, expect, type Page } from "./kitchen";
import { killRounds } from "./kill-rounds";
import { PORK_LOIN } from "../src/server/demo/brines";
import { openKitchen } from "./server";

const PASSPHRASE = "barley wharf lantern 7";

test("a kitchen leaves as an archive and comes into an empty one, equal", async ({
  page,
  kitchen,
  emptyKitchen,
}) => {
  const archive = await (await page.request.get(`${kitchen.url}/api/archive`)).body();
  await page.goto(`${emptyKitchen.url}/stores`);
  await chooseFile(page, "A snapshot or archive", "kitchen.zip", archive);
  await expect(page.getByText("It is in place.")).toBeVisible();
  await expect(page.getByRole("link", { name: "Juniper pork loin", exact: true }).first()).toBeVisible();
  const tables = async (url: string) => {
    const { unzipSync, strFromU8 } = await import("fflate");
    const files = unzipSync(new Uint8Array(await (await page.request.get(`${url}/api/archive`)).body()));
    return Object.fromEntries(
      Object.entries(files).flatMap(([name, bytes]) =>
        name === "kitchen.json" ? [] : [[name, strFromU8(bytes)]],
      ),
    );
  };
  const [there, here] = [await tables(emptyKitchen.url), await tables(kitchen.url)];
  expect(Object.keys(there).sort()).toEqual(Object.keys(here).sort());
  for (const name of Object.keys(here)) expect(there[name], name).toBe(here[name]);
});

test("a snapshot taken, something changed, the snapshot put back; rubbish is refused", async ({
  page,
  emptyKitchen,
}) => {
  await page.goto(emptyKitchen.url);
  await page.getByRole("button", { name: "Load the example kitchen" }).click();
  await expect(page.getByText("Tarrow Lock Canteen")).toBeVisible();
  const snapshot = await (await page.request.get(`${emptyKitchen.url}/api/snapshot`)).body();
  await page.request.patch(`${emptyKitchen.url}/api/kitchen`, { data: { name: "Renamed by mistake" } });

  await page.goto(`${emptyKitchen.url}/stores`);
  await chooseFile(page, "A snapshot or archive", "rubbish.db", "not a database");
  await page.getByRole("button", { name: "Put it in place" }).click();
  await expect(page.getByRole("main").getByRole("alert")).toContainText("not a database file");
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Renamed by mistake");

  await chooseFile(page, "A snapshot or archive", "kitchen.db", snapshot);
  await page.getByRole("button", { name: "Put it in place" }).click();
  await expect(page.getByText(/What was here is kept as .*before-restore/)).toBeVisible();
  await expect(page.getByText("Tarrow Lock Canteen").first()).toBeVisible();
  await page.reload();
  await expect(page.locator("#safekeeping").getByText("before restore")).toBeVisible();
});

test("a passphrase: set on the machine, asked of everybody, taken from all at once", async ({
  page,
  emptyKitchen,
}) => {
  await page.goto(`${emptyKitchen.url}/stores`);
  await page.getByLabel("A passphrase").fill(PASSPHRASE);
  await page.getByLabel("Once more").fill("something else entirely");
  await page.getByRole("button", { name: "Set it" }).click();
  await expect(page.getByText("The two differ; nothing was changed.")).toBeVisible();
  await page.getByLabel("A passphrase").fill(PASSPHRASE);
  await page.getByLabel("Once more").fill(PASSPHRASE);
  await page.getByRole("button", { name: "Set it" }).click();
  await expect(page.getByText(/^Set\. Every other device/)).toBeVisible();

  const stranger = await page.context().browser()?.newContext();
  if (!stranger) throw new Error("no browser");
  const other = await stranger.newPage();
  expect((await other.request.get(`${emptyKitchen.url}/api/v1/formulas`)).status()).toBe(401);
  await other.goto(`${emptyKitchen.url}/record?find=loin`);
  await expect(other).toHaveURL(/\/enter\?next=/);
  await other.getByLabel(/passphrase/).fill("not it");
  await other.getByRole("button", { name: "Come in" }).click();
  await expect(other.getByRole("main").getByRole("alert")).toContainText("not this kitchen's passphrase");
  await other.getByLabel(/passphrase/).fill(PASSPHRASE);
  await other.getByRole("button", { name: "Come in" }).click();
  await expect(other).toHaveURL(/\/record\?find=loin/);
  const [cookie] = await stranger.cookies();
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: "Lax" });

  await page.getByRole("button", { name: "Sign out everywhere" }).click();
  await expect(page).toHaveURL(/\/enter/);
  await other.reload();
  await expect(other).toHaveURL(/\/enter/);
  await stranger.close();
});

test("started for the whole network it wants a passphrase first", async () => {
  const { execFile } = await import("node:child_process");
  const refused = await new Promise<{ code: number; stderr: string }>((done) =>
    execFile(
      "bash",
      ["scripts/start.sh"],
      { env: { ...process.env, HOST: "0.0.0.0", DATABASE_PATH: "data/nobody.db" } },
      (error, _, stderr) => done({ code: Number(error?.code ?? 0), stderr }),
    ),
  );
  expect(refused.code).toBe(1);
  expect(refused.stderr).toContain("npm run passphrase");
});

test("only this page's own scripts run, nobody frames it, and another name for this machine is refused", async ({
  request,
  kitchen,
}) => {
  const headers = (await request.get("/bench")).headers();
  const policy = headers["content-security-policy"];
  expect(policy).toMatch(/script-src 'self' 'nonce-[\w-]+' 'strict-dynamic';/);
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  expect(policy).toContain("frame-ancestors 'none'");
  expect(headers["referrer-policy"]).toBe("same-origin");
  const elsewhere = await request.get(kitchen.url, { headers: { host: "kitchen.example" } });
  expect(elsewhere.status()).toBe(403);
});

test("killed without warning while many write: what was acknowledged is there", async ({ otherPort }) => {
  const report = await killRounds(3, otherPort());
  expect(report.lost).toEqual([]);
  expect(report.damaged).toEqual([]);
  for (const [kind, n] of Object.entries(report.acknowledged)) expect([kind, n > 0]).toEqual([kind, true]);
  expect(report.restores.old + report.restores.new).toBe(1);
});

/** A page that has read every station ahead, to open without a line. */
async function installed(browser: Browser, url: string): Promise<Page> {
  const context = await browser.newContext({ serviceWorkers: "allow", reducedMotion: "reduce" });
  const page = await context.newPage();
  await page.goto(url);
  await expect
    .poll(() => page.evaluate(async () => (await (await caches.open("pages")).keys()).length))
    .toBe(6);
  return page;
}

test("installed, it opens as it was last known without a line, and on a server that takes long; a lift-out is kept and sent when it is back", async ({
  browser,
  otherPort,
}) => {
  const kitchen = await openKitchen(otherPort(), { example: "whole" });
  const page = await installed(browser, kitchen.url);
  await kitchen.kill();

  await page.goto(`${kitchen.url}/stores`);
  await expect(page.getByRole("heading", { name: "Stores", level: 1 })).toBeVisible();
  await expect(page.getByText(/No line to the kitchen/)).toBeVisible();
  await page.goto(kitchen.url);
  await page.getByRole("button", { name: "Taken out: Juniper pork loin" }).click();
  await expect(page.getByText("One entry is kept here")).toBeVisible();
  await page.goto(`${kitchen.url}/batch/never-opened`);
  await expect(page.getByText("No line to the kitchen’s server").first()).toBeVisible();

  await page.goto(kitchen.url);
  await kitchen.start();
  await expect(page.getByRole("article", { name: "Juniper pork loin" })).toHaveCount(0);
  await expect(page.getByText(/kept here/)).toHaveCount(0);

  // What was kept is a minute old by now.
  await page.evaluate(async () => {
    const pages = await caches.open("pages");
    const work = await pages.match("/work");
    const text = (await work?.text()) ?? "";
    const older = text.replace(/data-drawn-ms="(\d+)"/, (_, ms) => `data-drawn-ms="${Number(ms) - 60_000}"`);
    await pages.put("/work", new Response(older, { headers: { "content-type": "text/html" } }));
  });
  const request = {
    formulaId: null,
    formulation: { ...PORK_LOIN, name: "Begun meanwhile" },
    startAtMs: Date.now() - 60_000,
    acknowledgements: [],
  };
  expect((await page.request.post(`${kitchen.url}/api/v1/batches`, { data: request })).status()).toBe(201);
  // It stands still for longer than the browser waits for a page.
  process.kill(kitchen.pid(), "SIGSTOP");
  setTimeout(() => process.kill(kitchen.pid(), "SIGCONT"), 9000);
  await page.goto(`${kitchen.url}/work`);
  await expect(page.locator("[data-act]").first()).toBeVisible();
  await expect(page.getByText("Begun meanwhile")).toHaveCount(0);
  await expect(page.getByText("Begun meanwhile").first()).toBeVisible();
  await page.context().close();
  await kitchen.kill();
});
