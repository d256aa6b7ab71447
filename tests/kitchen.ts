import {
  expect as looks,
  test as base,
  type Browser,
  type Locator,
  type Page,
  type TestInfo,
} from "@playwright/test";
import { readFileSync } from "node:fs";
import { KeptPage } from "./kept-page";
import { FIRST_PORT, PORTS_A_WORKER, SPARE } from "./ports";
import { EXAMPLE, START_MS, holding, killAt, openKitchen, snapshotOf, type Kitchen } from "./server";

export type { APIRequestContext, ConsoleMessage, Locator, Page, Request } from "@playwright/test";

interface Mine {
  /** The port of another server for this worker, one for each use. */
  otherPort: () => number;
  /** A kitchen with nothing in it, that this test alone uses. */
  emptyKitchen: Kitchen;
  /** The example kitchen as nobody else has changed it. */
  exampleKitchen: Kitchen;
}

interface Shared {
  kitchen: Kitchen;
  /** A server that holds what the next test asks for, and is warm by the second; an empty kitchen as it was. */
  spare: { kitchen: Kitchen; empty: Buffer };
  kept: KeptPage;
  firstPort: number;
}

/**
 * A test with a page of its own, as it is first opened, that nobody else comes to. For what is of opening a page, and for what
 * cannot be taken away from one again.
 */
export const alone = base.extend<Mine, Shared>({
  firstPort: [
    // oxlint-disable-next-line no-empty-pattern -- the test runner reads out of the pattern what is asked for
    async ({}, give, { parallelIndex }) => give(FIRST_PORT + parallelIndex * PORTS_A_WORKER),
    { scope: "worker" },
  ],
  kitchen: [
    async ({ firstPort }, give) => {
      const kitchen = await openKitchen(firstPort, { example: "calm" });
      await give(kitchen);
      await kitchen.kill();
    },
    { scope: "worker", timeout: START_MS },
  ],
  spare: [
    async ({ firstPort }, give) => {
      const kitchen = await openKitchen(firstPort + SPARE);
      await give({ kitchen, empty: await snapshotOf(kitchen) });
      await kitchen.kill();
    },
    { scope: "worker", timeout: START_MS },
  ],
  kept: [
    async ({ browser, kitchen }, give) => {
      const kept = await KeptPage.open(browser, kitchen.url);
      await give(kept);
      await kept.page.context().close();
    },
    { scope: "worker" },
  ],
  context: async ({ context, browser }, give, info) => {
    await give(context);
    await pictured(browser, info);
  },
  baseURL: async ({ kitchen }, give) => give(kitchen.url),
  otherPort: async ({ firstPort }, give) => {
    let next = firstPort + 1;
    await give(() => next++);
    for (let port = firstPort + 1; port < next; port++) await killAt(port);
  },
  emptyKitchen: async ({ spare: { kitchen, empty } }, give) => {
    await holding(kitchen, empty);
    await give(kitchen);
  },
  exampleKitchen: async ({ spare: { kitchen } }, give) => {
    await holding(kitchen, readFileSync(EXAMPLE));
    await give(kitchen);
  },
});

/** Tests of one worker share a server on the example kitchen, and a page; workers share nothing. */
export const test = alone.extend({
  page: async ({ kept, browser }, give, info) => {
    await give(kept.page);
    await pictured(browser, info);
    await kept.clear();
  },
  context: async ({ page }, give) => give(page.context()),
});

/** What stands on every page where a test has failed. The runner's own way has a picture of each that went well drawn too. */
async function pictured(browser: Browser, info: TestInfo): Promise<void> {
  if (info.status === info.expectedStatus) return;
  const pages = browser.contexts().flatMap((context) => context.pages());
  await Promise.all(pages.map((page, i) => page.screenshot({ path: info.outputPath(`page-${i + 1}.png`) })));
}

/** Chooses a file by its content, without one on the disk. */
export const chooseFile = (page: Page, label: string | RegExp, name: string, content: Buffer | string) =>
  page
    .getByLabel(label)
    .setInputFiles({ name, mimeType: "application/octet-stream", buffer: Buffer.from(content) });

/** To say what is amiss, where it was waited for already. */
const SAID_MS = 1000;

/**
 * What is not there yet is waited for first: of every look that finds nothing, the runner has the whole page read out for its
 * report.
 */
export const expect = looks.extend({
  async toBeVisible(what: Locator, options: { timeout?: number } = {}) {
    if (!this.isNot) await what.waitFor(options).catch(() => undefined);
    const look = this.isNot ? looks(what).not : looks(what);
    return look.toBeVisible(this.isNot ? options : { timeout: SAID_MS }).then(
      () => ({ pass: !this.isNot, message: () => "" }),
      (amiss: Error) => ({ pass: this.isNot, message: () => amiss.message }),
    );
  },
});

/** Waits for what comes a while after a tap, and reads nothing out. */
export const comes = (what: Locator): Promise<void> => what.waitFor();
