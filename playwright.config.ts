import { rmSync } from "node:fs";
import { defineConfig } from "@playwright/test";

const PORT = 3100;
const DATABASE_PATH = "data/e2e.db";

// Each run begins with an empty kitchen. The config is read by workers too: only the first reader clears.
if (!process.env.TEST_WORKER_INDEX)
  for (const suffix of ["", "-wal", "-shm"]) rmSync(DATABASE_PATH + suffix, { force: true });

export default defineConfig({
  testDir: "tests",
  workers: 1,
  timeout: 60_000,
  reporter: [["list"]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    locale: "en-GB",
    timezoneId: "Europe/London",
    screenshot: "only-on-failure",
    contextOptions: { reducedMotion: "reduce" },
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
  webServer: {
    command: `npx next start -H 127.0.0.1 -p ${PORT}`,
    url: `http://127.0.0.1:${PORT}/bench`,
    env: { DATABASE_PATH, TZ: "Europe/London" },
    reuseExistingServer: false,
  },
});
