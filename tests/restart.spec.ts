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
