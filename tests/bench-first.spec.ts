import { BenchPage } from "./bench-page";
import { alone, expect, test } from "./kitchen";

const WAYS = [
  ["Kind", "pork chop, bone-in", "dry"],
  ["Kind", "pork chop, bone-in", "equilibrium"],
  ["Kind", "pork chop, bone-in", "timed"],
  ["Kind", "pork chop, bone-in", "marinade"],
  ["Kind", "pork chop, bone-in", "paste"],
  ["Kind", "pork chop, bone-in", "rub"],
  ["Kind", "mackerel fillet, skin on", "cure"],
  ["Kind", "celeriac, whole", "crust"],
] as const;

test.describe("by way of the sentence and the ways", () => {
  test("from an empty kitchen, the first brine in six taps and the digits of one weight", async ({
    page,
    emptyKitchen,
  }) => {
    let taps = 0;
    const tap = async (what: ReturnType<typeof page.getByRole>) => {
      taps++;
      await what.click();
    };
    await page.goto(emptyKitchen.url);
    await tap(page.getByRole("main").getByRole("link", { name: "Start a batch" }));
    const weight = page.getByLabel("Weight of all pieces");
    await tap(weight);
    await weight.fill("1400");
    await tap(page.locator('[data-way="dry"]'));
    await tap(page.getByRole("button", { name: "Start this batch" }).first());
    await tap(page.getByRole("dialog").getByRole("button", { name: /^(Start|Put)/ }));
    await expect(page.getByRole("article", { name: /Pork chop/ })).toBeVisible();
    expect(taps).toBeLessThanOrEqual(6);
  });

  test("every preparation is one tap away, and ends where its card said", async ({ page }) => {
    await page.goto("/bench");
    let kind = "";
    for (const [label, food, way] of WAYS) {
      if (food !== kind) {
        const field = page.getByLabel(label, { exact: true });
        await field.fill(food);
        await page.getByRole("option", { name: food, exact: true }).first().click();
        await expect(field).toHaveValue(food);
        kind = food;
      }
      const card = page.locator(`[data-way="${way}"]`);
      await expect(page.getByRole("region", { name: "Ways to get there" })).toHaveAttribute(
        "aria-busy",
        "false",
      );
      const further = page.locator("summary", { hasText: "further off" });
      if (!(await card.isVisible())) await further.click();
      const said = await card.locator(".figure").first().innerText();
      await card.click();
      await expect(card).toHaveAttribute("aria-pressed", "true");
      await expect(page.locator('[data-figure="mean"] .figure')).toContainText(said.replace(/\s*%/, ""));
    }
  });

  test("a time in words is read; what is none is refused and kept as typed", async ({ page }) => {
    await page.goto("/bench");
    const heat = page.getByLabel("To the heat");
    await heat.fill("6 pm tomorrow");
    await heat.press("Enter");
    await expect(heat).toHaveValue(/^[A-Z][a-z]{2} 18:00$/);
    await expect(
      page.getByRole("heading", { name: /Ways to get there by [A-Z][a-z]{2} 18:00/ }),
    ).toBeVisible();
    await heat.fill("when it rains");
    await heat.press("Enter");
    await expect(page.getByText(/does not read as a time/)).toBeVisible();
    await expect(heat).toHaveValue("when it rains");
    await heat.press("Escape");
    await expect(heat).toHaveValue(/^[A-Z][a-z]{2} 18:00$/);
    const hours = page.getByLabel("Hours in it");
    await hours.fill("40 h 47");
    await hours.press("Tab");
    await expect(hours).toHaveValue("40 h 47");
    await expect(page.getByRole("slider")).toHaveAttribute("aria-valuetext", /^40 h 47/);
  });

  test("what the cook changed stays when the kind changes; what it was offered follows", async ({ page }) => {
    await page.goto("/bench");
    const kind = page.getByLabel("Kind", { exact: true });
    const before = await page.getByLabel("Thickness").inputValue();
    await page.getByLabel("Salt wanted in the flesh").fill("1.1");
    // Letters in a picker commit nothing.
    await kind.fill("duck l");
    await expect(page.getByRole("option").first()).toBeVisible();
    expect(await page.getByLabel("Thickness").inputValue()).toBe(before);
    await kind.press("Escape");
    await expect(kind).toHaveValue("pork chop, bone-in");
    await kind.fill("duck leg");
    await page
      .getByRole("option", { name: /duck leg/ })
      .first()
      .click();
    await expect(page.getByLabel("Thickness")).not.toHaveValue(before);
    await expect(page.getByLabel("Salt wanted in the flesh")).toHaveValue("1.1");
    await expect(page.getByLabel("Name of the formula")).toHaveValue(/[Dd]uck leg/);
  });

  test("two are yours: the third follows, and says so where there is none", async ({ page }) => {
    await page.goto("/bench");
    await page.locator('[data-way="timed"]').click();
    const strength = page.getByRole("textbox", { name: "Brine strength" });
    await page.getByLabel("Hours in it").fill("4 h");
    await expect.poll(async () => Number(await strength.inputValue())).toBeGreaterThan(5);
    const gentle = Number(await strength.inputValue());
    await page.getByLabel("Salt wanted in the flesh").fill("1.0");
    await expect.poll(async () => Number(await strength.inputValue())).toBeLessThan(gentle);
    // A time of the sentence is hours too: the strength follows it.
    const fourHours = Number(await strength.inputValue());
    const heat = page.getByLabel("To the heat");
    await heat.fill("9 h");
    await heat.press("Enter");
    await expect.poll(async () => Number(await strength.inputValue())).toBeLessThan(fourHours);
    await expect(page.locator("[data-verdict]")).toHaveText("as wanted");
    await page.getByLabel("Hours in it").fill("15 min");
    await page.getByLabel("Salt wanted in the flesh").fill("2.5");
    await expect(page.getByText(/nothing that dissolves brings 2.5 %/)).toBeVisible();
  });

  test("every change can be undone and done again, by button and by key", async ({ page }) => {
    await page.goto("/bench");
    const weight = page.getByLabel("Weight of all pieces");
    const before = await weight.inputValue();
    const [undo, redo] = [
      page.getByRole("button", { name: "Undo the last change" }),
      page.getByRole("button", { name: "Redo what was undone" }),
    ];
    await expect(undo).toBeDisabled();
    await weight.fill("1234");
    await weight.blur();
    await page.locator('[data-way="marinade"]').or(page.locator('[data-way="paste"]')).first().click();
    await expect(page.locator('[data-way][aria-pressed="true"]')).toHaveAttribute(
      "data-way",
      /marinade|paste/,
    );
    await undo.click();
    await expect(page.locator('[data-way="dry"]')).toHaveAttribute("aria-pressed", "true");
    await expect(weight).toHaveValue(/^1.234 g$/);
    await page.locator("h2").first().click();
    await page.keyboard.press("Control+z");
    await expect(weight).toHaveValue(before);
    await expect(undo).toBeDisabled();
    await page.keyboard.press("Control+Shift+z");
    await expect(weight).toHaveValue(/^1.234 g$/);
    await redo.click();
    await expect(redo).toBeDisabled();
    await expect(page.locator('[data-way="dry"]')).toHaveAttribute("aria-pressed", "false");
    // Begun anew it is as it was offered, and not even that is lost.
    const anew = page.getByRole("button", { name: "begin anew" });
    await anew.click();
    await expect(weight).toHaveValue(before);
    await expect(page.locator('[data-way="dry"]')).toHaveAttribute("aria-pressed", "true");
    await expect(anew).toBeHidden();
    await undo.click();
    await expect(weight).toHaveValue(/^1.234 g$/);
    await expect(anew).toBeVisible();
  });

  alone("nothing is pushed from under a finger while the page comes to its figures", async ({ page }) => {
    await page.addInitScript(() => {
      interface Shift extends PerformanceEntry {
        value: number;
        sources: { node: Node | null; previousRect: DOMRect; currentRect: DOMRect }[];
      }
      const shifts: { value: number; what: string[] }[] = [];
      Object.assign(window, { shifts });
      new PerformanceObserver((list) => {
        for (const { value, startTime, sources } of list.getEntries() as Shift[])
          shifts.push({
            value,
            what: sources.map(
              ({ node, previousRect, currentRect }) =>
                `at ${Math.round(startTime)} ms from ${previousRect.y} to ${currentRect.y}: ${node?.nodeName} ${node?.textContent?.slice(0, 60)}`,
            ),
          });
      }).observe({ type: "layout-shift", buffered: true });
    });
    await page.goto("/bench");
    await expect(page.locator("[data-way]").first()).toBeVisible();
    await expect(page.getByRole("region", { name: "Ways to get there" })).toHaveAttribute(
      "aria-busy",
      "false",
    );
    await page.waitForTimeout(1000);
    const moved = await page.evaluate(
      () => (window as unknown as { shifts: { value: number; what: string[] }[] }).shifts,
    );
    const told = moved.map(({ value, what }) => [value.toFixed(3), ...what].join("\n")).join("\n");
    expect(
      moved.reduce((sum, { value }) => sum + value, 0),
      told,
    ).toBeLessThan(0.05);
  });

  alone(
    "a part of the page still on its way takes nothing else from under a hand",
    async ({ page, emptyKitchen }) => {
      await page.goto(`${emptyKitchen.url}/bench`);
      const [kind, rub] = [page.getByLabel("Kind", { exact: true }), page.locator('[data-way="rub"]')];
      await expect(rub).toBeVisible();
      // Whatever is fetched from now on waits.
      let held = 0;
      let letGo = () => {};
      const until = new Promise<void>((done) => (letGo = done));
      await page.route(/\.js(\?|$)/, async (route) => {
        held++;
        await until;
        await route.continue();
      });
      await rub.click();
      await kind.fill("mackerel");
      await expect.poll(() => held).toBeGreaterThan(0);
      await expect(page.getByRole("option", { name: /mackerel fillet/ }).first()).toBeVisible();
      await expect(kind).toBeFocused();
      letGo();
      await expect(page.getByLabel("Chilli heat")).toBeVisible();
      await expect(page.getByRole("option", { name: /mackerel fillet/ }).first()).toBeVisible();
      await expect(kind).toHaveValue("mackerel");
    },
  );

  alone("on a slow line nothing can be typed before the sums know of it", async ({ page, emptyKitchen }) => {
    let held = true;
    await page.route(/\.js(\?|$)/, async (route) => {
      while (held) await new Promise((done) => setTimeout(done, 50));
      await route.continue();
    });
    await page.goto(`${emptyKitchen.url}/bench`, { waitUntil: "commit" });
    const weight = page.getByLabel("Weight of all pieces");
    await expect(weight).toBeVisible();
    await expect(page.locator("[inert]")).toHaveCount(1);
    await weight.evaluate((field) => (field as HTMLElement).focus());
    await expect(weight).not.toBeFocused();
    held = false;
    await expect(page.locator("[inert]")).toHaveCount(0);
    await weight.fill("1500");
    await weight.blur();
    await expect(weight).toHaveValue(/^1.500 g$/);
    // 1.4 % in the flesh of one and a half kilograms is no longer what 1 040 g asked for.
    const salt = await new BenchPage(page).grams("sea_fine");
    expect(salt).toBeGreaterThan(12);
  });
});
