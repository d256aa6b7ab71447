import type { Browser, Frame, Page } from "@playwright/test";
import { ZONE } from "./kitchen-clock";

/** What the pages of the tests are shown on. */
export const DEVICE = {
  viewport: { width: 1280, height: 800 },
  locale: "en-GB",
  timezoneId: ZONE,
  reducedMotion: "reduce",
  // What is asked of the server is asked of the server: the one test of working without a line lets it in.
  serviceWorkers: "block",
} as const;

/** How long an act may take: room for a host that takes the processor away for a while. */
export const ACT_MS = 120_000;

/**
 * The page that stays open from test to test, as a tablet does on the counter: its scripts are read and its sums are quick.
 * A page opened for one test costs about what a test of the Bench does in it.
 */
export class KeptPage {
  /** Where a test may have left something in the browser's storage. */
  private readonly visited = new Set<string>();

  private constructor(
    readonly page: Page,
    private readonly home: string,
  ) {
    page.on("framenavigated", (frame: Frame) => {
      if (frame === page.mainFrame()) this.visited.add(new URL(frame.url()).origin);
    });
  }

  static async open(browser: Browser, baseURL: string): Promise<KeptPage> {
    const context = await browser.newContext({ ...DEVICE, baseURL });
    context.setDefaultTimeout(ACT_MS);
    const page = await context.newPage();
    goesByLinks(page, baseURL);
    return new KeptPage(page, new URL(baseURL).origin);
  }

  /**
   * Takes away what a test left. The page stays at a station of its own kitchen, from where the next test may tap its way; it
   * never stays in another.
   */
  async clear(): Promise<void> {
    const context = this.page.context();
    const others = context.pages().filter((page) => page !== this.page);
    await Promise.all(others.map((page) => page.close()));
    await this.page.unrouteAll({ behavior: "ignoreErrors" });
    await Promise.all([
      context.setOffline(false),
      context.clearCookies(),
      this.page.emulateMedia({ colorScheme: null, media: null }),
      this.page.setViewportSize(DEVICE.viewport),
    ]);
    const stands = () => new URL(this.page.url()).origin;
    for (const origin of [...this.visited].filter((o) => o.startsWith("http"))) {
      if (stands() !== origin) await this.page.goto(`${origin}/api/alive`);
      await this.page.evaluate(() => {
        // It would stand before the next test's way to another station.
        document.querySelectorAll<HTMLDialogElement>("dialog[open]").forEach((dialog) => dialog.close());
        [localStorage, sessionStorage].forEach((kept) => kept.clear());
      });
    }
    if (stands() !== this.home) await this.page.goto("about:blank");
    this.visited.clear();
    this.visited.add(stands());
  }
}

/** What the links of a page go by. */
declare global {
  interface Window {
    next?: { router?: { push: (address: string) => void } };
  }
}

/**
 * Makes `goto` go as a link does, from one page of a kitchen to another of the same: opened anew it costs three times as much.
 * Whoever says how a page is to be opened has it opened anew; so has `reload`.
 */
function goesByLinks(page: Page, home: string): void {
  const open = page.goto.bind(page);
  page.goto = async (address, options) => {
    const here = page.url();
    const there = new URL(address, home);
    const isAway = !here.startsWith(`${there.origin}/`);
    if (options || isAway || there.href === here || there.hash !== "") return open(address, options);
    const isGone = await page.evaluate((to) => {
      window.next?.router?.push(to);
      return window.next?.router !== undefined;
    }, there.pathname + there.search);
    if (!isGone) return open(address);
    await page.waitForURL((url) => url.href !== here);
    return null;
  };
}
