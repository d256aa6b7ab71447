import type { Page } from "../kitchen";

/** What is to be tapped and is lower than a finger is wide, 44 px. */
export const lowOn = (page: Page): Promise<string[]> =>
  page.locator("button:visible, a:visible, select:visible").evaluateAll((all) =>
    all
      .filter((element) => !element.closest("details:not([open])"))
      .filter((element) => element.getBoundingClientRect().height < 43.5)
      .map((element) => element.textContent.slice(0, 30)),
  );
