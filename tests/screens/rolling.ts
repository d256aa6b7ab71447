import type { Page } from "../kitchen";

/**
 * What is placed on a column that rolls and does not roll with it: it stands where the column would end unrolled, so the page can
 * be rolled into nothing, and the focus goes there.
 */
export const adriftOn = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>("main *")]
      .filter((column) => /auto|scroll/.test(getComputedStyle(column).overflowY))
      .flatMap((column) =>
        [...column.querySelectorAll<HTMLElement>("*")].filter(
          (placed) =>
            getComputedStyle(placed).position === "absolute" &&
            placed.offsetParent !== null &&
            !column.contains(placed.offsetParent),
        ),
      )
      .map((placed) => `${placed.tagName} ${placed.closest("label")?.textContent ?? placed.textContent}`),
  );
