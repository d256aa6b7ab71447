import { alone, expect, test, type Page } from "./kitchen";

/** Tables by the salt they like, share of finished flesh. */
const LIKES: Record<string, number> = { "Table 1": 0.008, "Table 2": 0.0085, "Table 3": 0.009 };

/** What is in each cup, by its code: as the one who made them up knows it, grams of salt to the carrier's. */
async function cups(page: Page): Promise<Map<string, number>> {
  const rows = page
    .getByRole("group")
    .getByRole("row")
    .filter({ has: page.getByRole("rowheader") });
  const all = await rows.evaluateAll((trs) =>
    trs.map((tr) => [...tr.children].map((td) => (td.textContent ?? "").replaceAll("\u202f", ""))),
  );
  return new Map(all.map(([code, carrier, salt]) => [code, parseFloat(salt) / parseFloat(carrier)]));
}

alone(
  "three eaters taste blind, from weighing out to the salt a new Bench asks for; and it is forgotten again",
  async ({ page, emptyKitchen }) => {
    await page.goto(`${emptyKitchen.url}/record/taste`);
    await expect(page.getByText("Not asked yet")).toBeVisible();
    await page.getByRole("button", { name: "Another" }).click();
    await page.getByRole("button", { name: "Another" }).click();
    await page.getByRole("button", { name: "Begin with 3 eaters" }).click();

    await expect(page.getByRole("heading", { name: "Tasting", level: 1 })).toBeVisible();
    const saltOf = await cups(page);
    expect(saltOf.size).toBe(5);
    // Whoever tastes sees nothing of it.
    await page.getByRole("button", { name: "The cups stand ready: taste" }).click();
    await expect(page.getByRole("cell", { name: /g$/ })).toHaveCount(0);
    const asked = page.getByRole("heading", { name: /^Taste \d/ });
    for (const [name, likes] of Object.entries(LIKES))
      for (let nth = 1; nth <= 10; nth++) {
        await expect(page.getByRole("region", { name: `${name} tastes` })).toContainText(`${nth} of 10`);
        const [first = "", second = ""] = (await asked.innerText()).match(/\d{3}/g) ?? [];
        const off = (code: string) => Math.abs(Math.log((saltOf.get(code) ?? NaN) / likes));
        await page
          .getByRole("button", { name: off(first) < off(second) ? first : second, exact: true })
          .click();
      }
    await page.getByRole("link", { name: "What the table likes" }).click();

    // All three like it faint: the table's figure lies among them, well under the usual 1.4 %.
    const liked = parseFloat(await page.locator("[data-liked]").innerText());
    expect(liked).toBeGreaterThan(0.7);
    expect(liked).toBeLessThan(1.05);
    await page.getByRole("button", { name: /^Take .* % as the wanted salt$/ }).click();
    await expect(page.getByRole("status")).toContainText(`A new Bench asks for ${liked.toFixed(2)} %`);

    await page.goto(`${emptyKitchen.url}/bench`);
    const wanted = page.getByLabel("Salt wanted in the flesh");
    await expect(wanted).toHaveValue(String(liked));
    await expect(page.getByText("is this kitchen’s own taste")).toBeVisible();
    await wanted.fill("1.4");
    await page.getByRole("button", { name: `House taste: ${liked.toFixed(2)} %` }).click();
    await expect(wanted).toHaveValue(String(liked));

    page.on("dialog", (dialog) => void dialog.accept());
    await page.goto(`${emptyKitchen.url}/record/taste`);
    await page.getByRole("button", { name: /^Forget the tasting/ }).click();
    await expect(page.getByText("Not asked yet")).toBeVisible();
    await page.getByRole("button", { name: "Back to the usual 1.40 %" }).click();
    await expect(page.getByRole("status")).toContainText("the usual 1.40 %");
  },
);

test("an answer is taken back, two devices do not answer one question, and who should not taste is told why", async ({
  page,
  emptyKitchen,
}) => {
  const { url } = emptyKitchen;
  const baby = {
    id: "baby",
    name: "the baby",
    avoids: [],
    sodiumMg: null,
    infant: true,
    atRisk: true,
    noAlcohol: true,
    mostHeat: null,
  };
  const guest = { ...baby, id: "guest", name: "the guest", infant: false, avoids: ["celery"], sodiumMg: 400 };
  await page.request.patch(`${url}/api/kitchen`, {
    data: { limits: { eaters: [baby, guest], fridge: null, thermometer: true } },
  });
  await page.goto(`${url}/record/taste`);
  await expect(page.getByText("under a year old: does not taste")).toBeVisible();
  await expect(page.getByText(/over the limit of 400 mg/)).toBeVisible();
  await page.getByText("One by one", { exact: true }).click();
  await page.getByLabel("Tasted in").selectOption({ label: "stock made without salt" });
  await expect(page.getByText(/avoids celery/)).toBeVisible();
  await page.getByLabel("Tasted in").selectOption({ label: "boiled potato, mashed" });
  await page.getByRole("button", { name: "Begin with one eater" }).click();

  await page.getByRole("button", { name: "The cups stand ready: taste" }).click();
  await page.getByRole("button", { name: "a little salty" }).click();
  await expect(page.getByText("2 of 5")).toBeVisible();
  await page.getByRole("button", { name: "Take my last answer back" }).click();
  await expect(page.getByText("1 of 5")).toBeVisible();

  const other = await page.context().newPage();
  await other.goto(page.url());
  await other.getByRole("button", { name: "The cups stand ready: taste" }).click();
  await other.getByRole("button", { name: "just right" }).click();
  await expect(other.getByText("2 of 5")).toBeVisible();
  await page.getByRole("button", { name: "far too salty" }).click();
  await expect(page.getByRole("main").getByRole("alert")).toContainText("Something else is asked now");
  await expect(page.getByText("2 of 5")).toBeVisible();
});
