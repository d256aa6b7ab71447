import { comes, expect, type Locator, type Page } from "./kitchen";

/** Fields of the Bench by shorter names. */
const SAID: Record<string, string> = { "Salt wanted": "Salt wanted in the flesh" };
/** Groups of fields that are often asked for; others are looked for in one group after the other. */
const GROUP_OF: Record<string, string> = {
  Portions: "Eaters",
  "Add an ingredient": "Goes in",
  Water: "Vessel",
  "Stands in": "Vessel",
  "Held at": "Vessel",
  Oven: "Cook",
  Divided: "Cook",
};
const TIMES = ["Goes in", "To the heat", "Out of the oven"];

type FigureName = "mean" | "centre" | "strength" | "sodium" | "end" | "sour" | "coat" | "crust";

export type School =
  | "Equilibrium"
  | "Timed"
  | "Dry"
  | "Marinade"
  | "Paste"
  | "Rub"
  | "Crust"
  | "Short cure"
  | "Injection";

/** The Bench as a cook drives it: by its labels. */
export class BenchPage {
  constructor(readonly page: Page) {}

  /** A new Bench offers what suits the food best; most tests begin at a gentle brine. */
  async open(school: School = "Equilibrium"): Promise<void> {
    if (!(await this.tapped())) await this.page.goto("/bench");
    await comes(this.page.getByRole("heading", { name: "Weigh out" }));
    await this.school(school);
  }

  /** From another station it is one tap away, where no dialog stands before it; on the Bench a tap would change nothing. */
  private async tapped(): Promise<boolean> {
    const to = (station: string) => this.page.getByRole("link", { name: station, exact: true });
    if ((await to("Bench").count()) !== 1 || (await this.page.locator("dialog[open]").count()) > 0)
      return false;
    if (/\/bench$/.test(this.page.url())) {
      // The station that draws the least.
      await to("Sitting").click();
      await comes(this.page.getByRole("heading", { level: 1, name: "Sitting" }));
    }
    await to("Bench").click();
    await this.page.waitForURL(/\/bench$/);
    return true;
  }

  /** Opens the group a field stands in, where it is closed. */
  private async shown(field: Locator): Promise<Locator> {
    const first = field.first();
    // Most stand there already, and each look through the page for a name costs about what a sum does.
    if (await first.isVisible()) return field;
    // What stands outside the groups comes with the figures.
    await first.waitFor({ state: "attached", timeout: 300 }).catch(() => undefined);
    if ((await first.count()) === 0) await this.openUntil(first);
    await first.waitFor({ state: "attached" });
    if (await first.isVisible()) return field;
    await first.locator("xpath=ancestor::section[@data-group]").getByRole("button").first().click();
    await comes(first);
    return field;
  }

  /** A group that was never opened has no fields yet: one after the other, as a cook looks for it. */
  private async openUntil(found: Locator): Promise<void> {
    await this.page.locator("section[data-group]").first().waitFor();
    for (const row of await this.page.locator("section[data-group]").all()) {
      const head = row.getByRole("button").first();
      if ((await head.getAttribute("aria-expanded")) !== "true") await head.click();
      await row.locator("[data-fields] > *").first().waitFor({ state: "attached" });
      if ((await found.count()) > 0) return;
    }
  }

  /** A field by its label, its group opened. */
  async field(label: string): Promise<Locator> {
    const group = GROUP_OF[label];
    if (group !== undefined) await this.group(group);
    return this.shown(this.page.getByLabel(label, { exact: true }));
  }

  /** Presses a button within one of the groups. */
  async press(name: string | RegExp): Promise<void> {
    const button = this.page.getByRole("button", { name, exact: true, includeHidden: true });
    await (await this.shown(button)).click();
  }

  /** Opens one of the groups under "What it is made of". */
  async group(title: string): Promise<void> {
    const row = this.page.locator(`section[data-group="${title}"]`).getByRole("button").first();
    // What comes above it just then moves it between the press and the letting go: a cook taps again.
    await expect(async () => {
      if ((await row.getAttribute("aria-expanded")) !== "true") await row.click();
      await expect(row).toHaveAttribute("aria-expanded", "true", { timeout: 2000 });
    }).toPass();
  }

  /** The figures are of what stands in the fields: nothing newer is being worked out. */
  async settled(): Promise<void> {
    await expect(this.page.locator('[aria-busy="true"]')).toHaveCount(0);
  }

  async name(text: string): Promise<void> {
    await this.page.getByLabel("Name of the formula").fill(text);
  }

  async enter(label: string, text: string): Promise<void> {
    const field = await this.field(SAID[label] ?? label);
    await field.fill(text);
    // A time is read when the field is left.
    if (TIMES.includes(label)) await field.press("Enter");
    await this.settled();
  }

  async choose(label: string, option: string): Promise<void> {
    const field = await this.field(label);
    if ((await field.getAttribute("role")) !== "combobox") {
      await field.selectOption({ label: option });
      return this.settled();
    }
    // A field to search in: nothing is chosen until an entry is.
    await field.fill(option);
    await this.page.getByRole("option", { name: option, exact: true }).first().click();
    await this.settled();
  }

  private preparations = () =>
    this.page.locator('section[data-group="Salt"]').getByRole("group", { name: "Preparation" });

  /** The choice of a preparation, in its group. */
  async chosen(name: School): Promise<Locator> {
    await this.group("Salt");
    return this.preparations().getByRole("radio", { name: new RegExp(`^${name} `) });
  }

  async school(name: School): Promise<void> {
    const chosen = await this.chosen(name);
    if (await chosen.isChecked()) return this.settled();
    // The ways above it may come just then and move it from under the finger: a cook looks, and taps again.
    await expect(async () => {
      await this.preparations().getByText(name, { exact: true }).click();
      await expect(chosen).toBeChecked({ timeout: 2000 });
    }).toPass();
    await this.settled();
  }

  /** One of a few side by side, by its own words. */
  async pick(group: string, option: string): Promise<void> {
    const choices = this.page.getByRole("group", { name: group, exact: true, includeHidden: true });
    await (await this.shown(choices)).getByText(option, { exact: true }).click();
    await this.settled();
  }

  async toggle(label: string): Promise<void> {
    await (await this.shown(this.page.getByLabel(label, { exact: true }))).click();
    await this.settled();
  }

  async add(ingredient: string): Promise<void> {
    await this.choose("Add an ingredient", ingredient);
  }

  /** Opens what a line keeps behind its amount. */
  async more(name: string): Promise<Locator> {
    const line = await this.shown(this.page.locator("details", { hasText: `about ${name}` }).first());
    await line.locator("summary").click();
    return line;
  }

  /** The grams of salt that end in one place, as the ledger shows them. */
  async ledgerEnd(id: string): Promise<number> {
    await this.settled();
    const text = await this.page.locator(`[data-end="${id}"] .figure`).first().innerText();
    return Number(text.replaceAll("\u202f", ""));
  }

  /** Grams on the weigh-out sheet for a line, as shown. */
  async grams(line: string): Promise<number> {
    await this.settled();
    const text = await this.page.locator(`[data-line="${line}"]`).last().innerText();
    const shown = /([\d\u202f.]+)\s*g$/.exec(text.trim())?.[1] ?? "";
    return Number(shown.replaceAll("\u202f", ""));
  }

  async figure(name: FigureName | "ready"): Promise<string> {
    await this.settled();
    return this.page.locator(`[data-figure="${name}"] p`).first().innerText();
  }

  async figureNumber(name: FigureName): Promise<number> {
    return Number((await this.figure(name)).replaceAll("\u202f", "").replace(/[^\d.]/g, ""));
  }

  async save(): Promise<void> {
    await this.page.getByRole("button", { name: /^Save/ }).first().click();
    const dialog = this.page.getByRole("dialog");
    if (await dialog.isVisible()) await dialog.getByRole("button", { name: /^Save/ }).click();
    await comes(this.page.getByText(/version \d+ · saved/));
  }

  /** Starts the batch on the Bench and comes out on the Shelf. */
  /** @param at when it goes in, as a date-and-time field has it; left out, as soon as it can be got ready */
  async start(at?: string): Promise<void> {
    await this.page.getByRole("button", { name: "Start this batch" }).first().click();
    const dialog = this.page.getByRole("dialog");
    if (at) await dialog.getByRole("textbox", { name: "Goes in at" }).fill(at);
    await dialog.getByRole("button", { name: "Start this batch" }).click();
    await comes(this.page.getByRole("heading", { name: "Shelf", level: 1 }));
  }
}
