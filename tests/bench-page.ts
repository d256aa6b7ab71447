import { expect, type Locator, type Page } from "@playwright/test";

type FigureName = "mean" | "strength" | "sodium" | "end" | "sour" | "coat" | "crust";

/** The Bench as a cook drives it: by its labels. */
export class BenchPage {
  constructor(readonly page: Page) {}

  async open(query = ""): Promise<void> {
    await this.page.goto(`/bench${query}`);
    await expect(this.page.getByRole("heading", { name: "Weigh out" })).toBeVisible();
  }

  async name(text: string): Promise<void> {
    await this.page.getByLabel("Name of the formula").fill(text);
  }

  async enter(label: string, text: string): Promise<void> {
    await this.page.getByLabel(label, { exact: true }).fill(text);
  }

  async choose(label: string, option: string): Promise<void> {
    await this.page.getByLabel(label, { exact: true }).selectOption({ label: option });
  }

  async school(
    name: "Equilibrium" | "Timed" | "Dry" | "Marinade" | "Paste" | "Rub" | "Crust" | "Short cure",
  ): Promise<void> {
    const choices = this.page.getByRole("group", { name: "Preparation" });
    await choices.getByText(name, { exact: true }).click();
  }

  /** One of a few side by side, by its own words. */
  async pick(group: string, option: string): Promise<void> {
    await this.page
      .getByRole("group", { name: group, exact: true })
      .getByText(option, { exact: true })
      .click();
  }

  async toggle(label: string): Promise<void> {
    await this.page.getByLabel(label, { exact: true }).click();
  }

  async add(ingredient: string): Promise<void> {
    await this.choose("Add an ingredient", ingredient);
  }

  /** Opens what a line keeps behind its amount. */
  async more(name: string): Promise<Locator> {
    const line = this.page.locator("details", { hasText: `about ${name}` }).first();
    await line.locator("summary").click();
    return line;
  }

  /** The grams of salt that end in one place, as the ledger shows them. */
  async ledgerEnd(id: string): Promise<number> {
    const text = await this.page.locator(`[data-end="${id}"] .figure`).first().innerText();
    return Number(text.replaceAll("\u202f", ""));
  }

  /** Grams on the weigh-out sheet for a line, as shown. */
  async grams(line: string): Promise<number> {
    const text = await this.page.locator(`[data-line="${line}"]`).last().innerText();
    const shown = /([\d\u202f.]+)\s*g$/.exec(text.trim())?.[1] ?? "";
    return Number(shown.replaceAll("\u202f", ""));
  }

  async figure(name: FigureName | "ready"): Promise<string> {
    return this.page.locator(`[data-figure="${name}"] p`).first().innerText();
  }

  async figureNumber(name: FigureName): Promise<number> {
    return Number((await this.figure(name)).replaceAll("\u202f", "").replace(/[^\d.]/g, ""));
  }

  async save(): Promise<void> {
    await this.page.getByRole("button", { name: /^Save/ }).first().click();
    const dialog = this.page.getByRole("dialog");
    if (await dialog.isVisible()) await dialog.getByRole("button", { name: /^Save/ }).click();
    await expect(this.page.getByText(/version \d+ · saved/)).toBeVisible();
  }

  /** Starts the batch on the Bench and comes out on the Shelf. */
  /** @param at when it goes in, as a date-and-time field has it; left out, as soon as it can be got ready */
  async start(at?: string): Promise<void> {
    await this.page.getByRole("button", { name: "Start this batch" }).first().click();
    const dialog = this.page.getByRole("dialog");
    if (at) await dialog.getByLabel("Goes in at").fill(at);
    await dialog.getByRole("button", { name: "Start this batch" }).click();
    await expect(this.page.getByRole("heading", { name: "Shelf", level: 1 })).toBeVisible();
  }
}
