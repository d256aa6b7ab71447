import { test as base, expect, type Page } from "@playwright/test";
import { openKitchen, type Kitchen } from "./server";

export { expect } from "@playwright/test";
export type { APIRequestContext, Locator, Page } from "@playwright/test";

const FIRST_PORT = 3100;
/** Servers of one worker lie so far apart from another's. */
const PORTS_A_WORKER = 20;
const STILL_EMPTY = 19;

interface Mine {
  /** The port of another server for this worker, one for each use. */
  otherPort: () => number;
  /** A kitchen that this test alone uses. */
  emptyKitchen: Kitchen;
  /** The example kitchen as nobody else has changed it. */
  exampleKitchen: Kitchen;
}

interface Shared {
  kitchen: Kitchen;
  /** An empty kitchen for tests that look and choose and save nothing. */
  stillEmptyKitchen: Kitchen;
  firstPort: number;
}

/** Tests of one worker share a server on the example kitchen; workers share nothing. */
export const test = base.extend<Mine, Shared>({
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
    { scope: "worker", timeout: 180_000 },
  ],
  stillEmptyKitchen: [
    async ({ firstPort }, give) => {
      const kitchen = await openKitchen(firstPort + STILL_EMPTY);
      await give(kitchen);
      const saved = await (await fetch(`${kitchen.url}/api/v1/formulas`)).json();
      await kitchen.kill();
      expect(saved, "a test that was to save nothing saved").toEqual([]);
    },
    { scope: "worker", timeout: 180_000 },
  ],
  baseURL: async ({ kitchen }, give) => give(kitchen.url),
  otherPort: async ({ firstPort }, give) => {
    let next = firstPort + 1;
    await give(() => next++);
  },
  emptyKitchen: async ({ otherPort }, give) => {
    const kitchen = await openKitchen(otherPort());
    await give(kitchen);
    await kitchen.kill();
  },
  exampleKitchen: async ({ otherPort }, give) => {
    const kitchen = await openKitchen(otherPort(), { example: "whole" });
    await give(kitchen);
    await kitchen.kill();
  },
});

/** Chooses a file by its content, without one on the disk. */
export const chooseFile = (page: Page, label: string | RegExp, name: string, content: Buffer | string) =>
  page
    .getByLabel(label)
    .setInputFiles({ name, mimeType: "application/octet-stream", buffer: Buffer.from(content) });
