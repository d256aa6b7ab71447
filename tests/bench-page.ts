import { expect, type Page } from "@playwright/test";

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

  async school(name: "Equilibrium" | "Timed" | "Dry"): Promise<void> {
    await this.page.getByText(name, { exact: true }).click();
  }

  /** Grams on the weigh-out sheet for a line, as shown. */
  async grams(line: string): Promise<number> {
    const text = await this.page.locator(`[data-line="${line}"]`).last().innerText();
    const shown = /([\d\u202f.]+)\s*g$/.exec(text.trim())?.[1] ?? "";
    return Number(shown.replaceAll("\u202f", ""));
  }

  async figure(name: "mean" | "strength" | "ready" | "sodium" | "end"): Promise<string> {
    return this.page.locator(`[data-figure="${name}"] p`).first().innerText();
  }

  async figureNumber(name: "mean" | "strength" | "sodium" | "end"): Promise<number> {
    return Number((await this.figure(name)).replaceAll("\u202f", "").replace(/[^\d.]/g, ""));
  }

  /** Starts the batch on the Bench and comes out on the Shelf. */
  async start(): Promise<void> {
    await this.page.getByRole("button", { name: "Start this batch" }).first().click();
    await this.page.getByRole("dialog").getByRole("button", { name: "Start this batch" }).click();
    await expect(this.page.getByRole("heading", { name: "Shelf", level: 1 })).toBeVisible();
  }
}
