import { defineConfig } from "@playwright/test";
import { BROWSER } from "./scripts/browser";
import { ACT_MS, DEVICE } from "./tests/kept-page";

export default defineConfig({
  testDir: "tests",
  globalSetup: "./tests/global-setup.ts",
  // Each worker has a server and a kitchen of its own. Two leave a third of two cores idle, waiting for a page.
  workers: 3,
  // Guards against hanging only: room for a host that takes the processor away for a while. What passes does not wait for it.
  timeout: 1_200_000,
  expect: { timeout: ACT_MS },
  // A machine that stalls is not a fault: tried once more, and what then passes is listed as flaky, to be looked into.
  retries: 1,
  reporter: [["list"]],
  use: {
    ...DEVICE,
    contextOptions: { reducedMotion: DEVICE.reducedMotion },
    actionTimeout: ACT_MS,
    launchOptions: {
      ...BROWSER,
      // A name on the network, as another device has it: no secure address, unlike this machine's own.
      args: [...BROWSER.args, "--host-resolver-rules=MAP kitchen.test 127.0.0.1"],
    },
  },
});
