import type { Page } from "@playwright/test";

/** Types a time into its field, and leaves it. */
export async function enterWhen(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByRole("textbox", { name: label });
  await field.fill(text);
  await field.press("Enter");
}
