import type { Locator, Page } from "@playwright/test";

/** Searches a field for one entry and chooses it, as a cook does. */
export async function pick(where: Page | Locator, label: string, option: string): Promise<void> {
  await where.getByRole("combobox", { name: label, exact: true }).fill(option);
  await where.getByRole("option", { name: option, exact: true }).first().click();
}
