import { defineConfig } from "@playwright/test";
import { BROWSER } from "./scripts/browser";
import { ZONE } from "./tests/kitchen-clock";

export default defineConfig({
  testDir: "tests",
  globalSetup: "./tests/global-setup.ts",
  // Each worker has a server and a kitchen of its own. Two leave a third of two cores idle, waiting for a page.
  workers: 3,
  // Guards against hanging only: room for a host that takes the processor away for a while. What passes does not wait for it.
  timeout: 1_200_000,
  expect: { timeout: 120_000 },
  // A machine that stalls is not a fault: tried once more, and what then passes is listed as flaky, to be looked into.
  retries: 1,
  reporter: [["list"]],
  use: {
    actionTimeout: 120_000,
    viewport: { width: 1280, height: 800 },
    locale: "en-GB",
    timezoneId: ZONE,
    contextOptions: { reducedMotion: "reduce" },
    // What is asked of the server is asked of the server: the one test of working without a line lets it in.
    serviceWorkers: "block",
    launchOptions: {
      ...BROWSER,
      // A name on the network, as another device has it: no secure address, unlike this machine's own.
      args: [...BROWSER.args, "--host-resolver-rules=MAP kitchen.test 127.0.0.1"],
    },
  },
});
