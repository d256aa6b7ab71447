import { spawn, type ChildProcess } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { expect, test } from "@playwright/test";

const PORT = 3111;
const BASE = `http://127.0.0.1:${PORT}`;

async function startServer(databasePath: string): Promise<ChildProcess> {
  const server = spawn(
    process.execPath,
    ["node_modules/next/dist/bin/next", "start", "-H", "127.0.0.1", "-p", String(PORT)],
    {
      env: { ...process.env, DATABASE_PATH: databasePath },
      stdio: "ignore",
    },
  );
  await expect
    .poll(
      () =>
        fetch(BASE).then(
          (r) => r.status,
          () => 0,
        ),
      { timeout: 20_000 },
    )
    .toBe(200);
  return server;
}

async function kill(server: ChildProcess): Promise<void> {
  const gone = new Promise((done) => server.once("exit", done));
  server.kill("SIGKILL");
  await gone;
}

test("a killed server forgets nothing that was acknowledged", async ({ page }) => {
  const databasePath = path.join(mkdtempSync(path.join(tmpdir(), "crock-")), "kitchen.db");
  let server = await startServer(databasePath);
  try {
    await page.goto(BASE);
    await page.getByRole("button", { name: "Load the example kitchen" }).click();
    const loin = page.getByRole("article", { name: "Juniper pork loin" });
    await loin.getByRole("button", { name: "Lifted out: Juniper pork loin" }).click();
    await expect(loin).toHaveCount(0);
    await kill(server);

    server = await startServer(databasePath);
    await page.goto(BASE);
    await expect(page.getByRole("article", { name: "Duck legs, dry brined" })).toBeVisible();
    await expect(page.getByRole("link", { name: "Juniper pork loin" })).toBeVisible();
    await page.getByRole("link", { name: "Juniper pork loin" }).click();
    await expect(page.getByText(/^When it came out/)).toBeVisible();
  } finally {
    await kill(server);
  }
});

test("a batch at work outlives its server: taps made meanwhile are kept, the probe goes on where it was", async ({
  page,
}) => {
  test.setTimeout(120_000);
  const databasePath = path.join(mkdtempSync(path.join(tmpdir(), "crock-")), "kitchen.db");
  let server = await startServer(databasePath);
  const card = page.locator("[data-act]");
  const tap = async () => {
    const now = (await card.getAttribute("data-act")) ?? "";
    await page.getByRole("button", { name: "Done", exact: true }).click();
    await expect(card).not.toHaveAttribute("data-act", now);
    return now;
  };
  try {
    await page.goto(BASE);
    await page.getByRole("button", { name: "Load the example kitchen" }).click();
    await page
      .getByRole("link", { name: /Duck legs, dry brined/ })
      .first()
      .click();
    await page.locator('a[href^="/work/"]').click();
    while ((await tap()) !== "stage_1");
    await page.getByText("Instruments and rehearsal").click();
    await page.getByRole("listitem").filter({ hasText: "Probe, simulated" }).getByRole("button").click();
    await page.getByRole("button", { name: "60 ×", exact: true }).click();
    await expect(page.locator("[data-core]")).toContainText("°C");
    const before = await page.getByText(/^Done \d/).innerText();

    await kill(server);
    await expect(page.getByText(/No line to the kitchen/)).toBeVisible({ timeout: 15_000 });
    await tap();
    await expect(page.getByText(/1 not sent yet/)).toBeVisible();

    server = await startServer(databasePath);
    await expect(page.getByText(/not sent yet/)).toHaveCount(0, { timeout: 20_000 });
    await page.reload();
    const count = (text: string) => Number(/\d+/.exec(text)?.[0]);
    expect(count(await page.getByText(/^Done \d/).innerText())).toBe(count(before) + 1);
    const core = async () => Number.parseFloat(await page.locator("[data-core]").innerText());
    const warm = await core();
    await expect.poll(core, { timeout: 30_000 }).toBeGreaterThan(warm);
  } finally {
    await kill(server);
  }
});
