import type { Page } from "@playwright/test";

/** The page that reads a pasted recipe. */
export class RecipePage {
  constructor(private readonly page: Page) {}

  /** Pastes a text and waits until it has been read. */
  async read(text: string): Promise<void> {
    await this.page.goto("/stores/recipe");
    await this.page.getByLabel(/^Paste or drop a recipe as it is/).fill(text);
    await this.page.getByRole("button", { name: "Read it" }).click();
    await this.page.getByRole("heading", { name: "Line by line" }).waitFor();
  }

  /** What a line stands for. */
  thing = (line: string) => this.page.getByLabel(`“${line}” is`, { exact: true });

  /** Picks another thing for a line, by typed letters. */
  async choose(line: string, typed: string, option: string | RegExp): Promise<void> {
    await this.thing(line).click();
    await this.thing(line).fill(typed);
    await this.page.getByRole("option", { name: option }).first().click();
  }

  async confirmAll(): Promise<void> {
    for (const tick of await this.page.getByRole("checkbox", { name: /is right$/ }).all())
      await tick.check({ force: true });
  }
}
