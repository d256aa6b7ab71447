import AxeBuilder from "@axe-core/playwright";
import { expect, type Page } from "../kitchen";

/**
 * What stands against the rules of access, light and dark. In the dark only what colours can spoil is looked at again: names
 * and roles are the same.
 */
export async function violations(page: Page): Promise<string[]> {
  const found: string[] = [];
  const grounds = new Set<string>();
  for (const colorScheme of ["light", "dark"] as const) {
    await page.emulateMedia({ colorScheme });
    grounds.add(await page.evaluate(() => getComputedStyle(document.body).backgroundColor));
    // Only what is wrong is told of, and put together in the page itself.
    const builder = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ["violations"] });
    const { violations: against } = await (
      colorScheme === "dark" ? builder.withRules(["color-contrast"]) : builder
    ).analyze();
    found.push(...against.map((v) => `${colorScheme} ${v.id}: ${v.nodes.map((n) => n.html).join(" ")}`));
  }
  expect(grounds.size, "light and dark have one ground").toBe(2);
  await page.emulateMedia({ colorScheme: null });
  return found;
}
