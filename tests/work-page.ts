import { comes, expect, type Page } from "./kitchen";
import { BenchPage, type School } from "./bench-page";

/* The page at work as a cook drives it. */

export const card = (page: Page) => page.locator("[data-act]");
export const done = async (page: Page, act: string) => {
  await expect(card(page)).toHaveAttribute("data-act", act);
  await page.getByRole("button", { name: "Done", exact: true }).click();
  await expect(card(page)).not.toHaveAttribute("data-act", act);
};

export async function startedBatch(
  page: Page,
  name: string,
  set: School | ((bench: BenchPage) => Promise<void>),
): Promise<string> {
  const bench = new BenchPage(page);
  await bench.open(typeof set === "string" ? set : undefined);
  await bench.name(name);
  if (typeof set !== "string") await set(bench);
  await bench.start();
  await page.getByRole("link", { name: `Open ${name}` }).click();
  await page.locator('a.btn[href^="/work/"]').click();
  await comes(card(page));
  return page.url();
}

/** Ticks acts off until this one is at hand. Another dish at its exit stands above them. */
export async function upTo(page: Page, act: string): Promise<void> {
  const own = card(page).last();
  for (let i = 0; i < 8 && (await own.getAttribute("data-act")) !== act; i++) {
    const now = (await own.getAttribute("data-act")) ?? "";
    await own.getByRole("button", { name: "Done", exact: true }).click();
    await expect(own).not.toHaveAttribute("data-act", now);
  }
  await expect(own).toHaveAttribute("data-act", act);
}
