import { BenchPage } from "./bench-page";
import { expect, test } from "./kitchen";
import { RecipePage } from "./recipe-page";
import { upTo } from "./work-page";
import { pick } from "./pick";

const RECIPE = `Lock-keeper's pork loin

Serves 8

Ingredients
- 1 (2.5 kg) bone-in pork loin roast
- 4 litres cold water
- 1 cup kosher salt
- 4 cloves garlic, crushed
- a good pinch of chilli flakes
- Juice of 2 lemons
- 1 tbsp wassail dust
- salt to taste

Method
1. Preheat the oven to 350°F.
2. Dissolve the salt in the water and brine the pork overnight at room temperature.
3. Pat dry, season with salt again before roasting.
4. Roast in a 425°F oven for 90 minutes until the internal temperature reads 140°F.
5. Rest for 15 minutes.
Total time: 1 hour
`;

test("a loose recipe: its contradictions are shown, every line is confirmed, and it goes on the Bench", async ({
  page,
}) => {
  await page.goto("/stores");
  await page.getByRole("link", { name: "Paste a recipe" }).click();
  await page.getByLabel(/^Paste or drop a recipe as it is/).fill(RECIPE);
  await page.getByRole("button", { name: "Read it" }).click();

  const found = page.getByRole("region", { name: "Contradictions" });
  for (const title of [
    "Brining at room temperature",
    "Two oven temperatures: 177 °C and 218 °C",
    "Its times do not sum",
    "Salt is given twice",
    "A spoon of salt is no weight",
    "Target below the official minimum",
  ])
    await expect(found.getByText(title)).toBeVisible();
  await expect(found.getByText("brine the pork overnight at room temperature").first()).toBeVisible();

  // What was taken is shown, with what else it may be.
  await expect(page.getByLabel("Food", { exact: true })).toHaveValue("pork loin roast, bone-in");
  await expect(page.getByLabel("As a", { exact: true })).toHaveValue("timed");
  const recipe = new RecipePage(page);
  const grams = page.getByLabel("Grams of 1 cup kosher salt");
  const light = Number(await grams.inputValue());
  await recipe.choose("1 cup kosher salt", "dense", /^dense kosher/);
  expect(Number(await grams.inputValue())).toBeGreaterThan(light * 1.4);

  const bench = page.getByRole("button", { name: "Put it on the Bench" });
  await expect(page.getByText(/no ingredient or weight yet/)).toBeVisible();
  await expect(bench).toBeDisabled();
  await recipe.choose("1 tbsp wassail dust", "leave", "leave it out");
  await recipe.choose("salt to taste", "leave", "leave it out");
  const left = page.getByRole("region", { name: "Not carried into the formula" });
  await expect(left).toContainText("1 tbsp wassail dust");
  await expect(left).toContainText("the formula keeps it in the fridge");
  await recipe.confirmAll();
  await expect(page.getByText("Every line is confirmed.")).toBeVisible();
  // A change after the yes wants another.
  await grams.fill("220");
  await expect(bench).toBeDisabled();
  await page.getByRole("checkbox", { name: /kosher salt” is right/ }).check({ force: true });
  await bench.click();

  await expect(page.getByLabel("Name of the formula")).toHaveValue("Lock-keeper's pork loin");
  await expect(page.locator('[data-line="water"] .figure').first()).toContainText("3 99");
  await expect(page.locator('[data-line="kosher_dense"] .figure').first()).toContainText("220");
  await page.getByRole("button", { name: "Save as a formula" }).click();
  await expect(page.getByText("version 1 · saved")).toBeVisible();
});

const LEGS = `Duck legs of the lock

1.4 kg duck legs, 4 pieces
21 g fine sea salt
3 g black pepper and 2 g dried thyme
14 g wassail dust, for the outside
of every leg

Rub the legs all over and leave them in the fridge for 20 hours. Roast at 160C for 90 minutes, turning halfway, until 82C. Rest 10 minutes.
`;

test("two lines are mended by hand, one is entered as our own, and the started batch weighs what was confirmed", async ({
  page,
}) => {
  const recipe = new RecipePage(page);
  await recipe.read(LEGS);
  const written = page.getByRole("region", { name: "The recipe as pasted" });
  await expect(written.getByRole("link", { name: "21 g fine sea salt" })).toBeVisible();
  await expect(written.locator("strong", { hasText: "20 hours" })).toBeVisible();

  // Two things in one line become two; a line broken in two becomes one.
  await page
    .getByRole("button", { name: "Mend the words of “3 g black pepper and 2 g dried thyme”" })
    .click();
  await page.getByLabel(/^The words of this line/).fill("3 g black pepper\n2 g dried thyme");
  await page.getByRole("button", { name: "Read this line again" }).click();
  await expect(page.getByLabel("Grams of 2 g dried thyme")).toHaveValue("2");
  await page.getByRole("button", { name: "Mend the words of “of every leg”" }).click();
  await page.getByRole("button", { name: "Join to the line above" }).click();
  await expect(page.getByRole("button", { name: "Mend the words of “of every leg”" })).toHaveCount(0);

  // What the tables lack is entered on the spot, begun from a like one.
  const dust = "14 g wassail dust, for the outside of every leg";
  await recipe.choose(dust, "wassail dust", "Add “wassail dust” as our own …");
  const own = page.getByRole("dialog", { name: "An ingredient of our own" });
  await expect(own.getByLabel("Name")).toHaveValue("wassail dust");
  await pick(own, "Most like", "allspice, ground");
  await own.getByRole("button", { name: "Keep it" }).click();
  await expect(recipe.thing(dust)).toHaveValue("wassail dust");
  await expect(page.getByLabel(`Grams of ${dust}`)).toHaveValue("14");

  await recipe.confirmAll();
  await page.getByRole("button", { name: "Put it on the Bench" }).click();
  const bench = new BenchPage(page);
  const asConfirmed = { sea_fine: 21, thyme_dried: 2 };
  for (const [id, grams] of Object.entries(asConfirmed)) await expect.poll(() => bench.grams(id)).toBe(grams);
  await bench.save();
  await bench.start();
  await page.getByRole("link", { name: /Open Duck legs of the lock/ }).click();
  await page.locator('a.btn[href^="/work/"]').click();
  await upTo(page, "weigh_out");
  await expect(page.locator('[data-weigh="sea_fine"]')).toContainText("21");
  await expect(page.locator('[data-weigh^="own-"]')).toContainText("14");
});

test("what is no recipe is said to be none, and stays to be mended", async ({ page }) => {
  await page.goto("/stores/recipe");
  const box = page.getByLabel(/^Paste or drop a recipe as it is/);
  await box.fill("A long story about the lock, and nothing to weigh.");
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByRole("main").getByRole("alert")).toContainText("No ingredients were found");
  await expect(box).toHaveValue(/nothing to weigh/);
});

test("a formula leaves as a file, as Markdown and as Recipe data, and each comes in again as it was", async ({
  page,
  request,
}) => {
  const [{ id }] = (await (await request.get("/api/v1/formulas")).json()) as { id: string }[];
  await request.patch(`/api/formulas/${id}`, { data: { tags: ["Saturday"] } });
  const own = await (await request.get(`/api/formulas/${id}/file?as=json`)).json();
  for (const as of ["json", "markdown", "recipe"]) {
    const file = await (await request.get(`/api/formulas/${id}/file?as=${as}`)).body();
    await page.goto("/stores/recipe");
    await page
      .getByLabel("Or from a file")
      .setInputFiles({ name: `formula.${as}`, mimeType: "text/plain", buffer: file });
    await expect(page.getByRole("heading", { name: own.formulation.name })).toBeVisible();
    await page.getByRole("button", { name: "Keep it in the Stores" }).click();
    await expect(page).toHaveURL(/\/stores\/formula\//);
    const copy = page.url().split("/").at(-1);
    expect(copy).not.toBe(id);
    expect(await (await request.get(`/api/formulas/${copy}/file?as=json`)).json()).toEqual(own);
  }
});

test("a link carries a formula; a broken one says so", async ({ page }) => {
  await page.goto("/stores");
  await page.getByRole("link", { name: "Versions and files of Duck legs, dry brined" }).click();
  await expect(page.getByRole("img", { name: "The link as a code" })).toBeVisible();
  const link = await page.getByLabel("The link", { exact: true }).inputValue();
  await page.goto("about:blank");
  await page.goto(link);
  await expect(page.getByRole("heading", { name: "Duck legs, dry brined" })).toBeVisible();
  await page.getByRole("button", { name: "Keep it in the Stores" }).click();
  await expect(page.getByText("Came in a file or link")).toBeVisible();
  await page.goto("about:blank");
  await page.goto(`${link.slice(0, -40)}`);
  await expect(page.getByRole("main").getByRole("alert")).toContainText("no formula that reads");
});

test("a printed sheet bears the formula as a code", async ({ page, request }) => {
  const [{ id }] = (await (await request.get("/api/v1/formulas")).json()) as { id: string }[];
  await page.goto(`/print/draft?formula=${id}`);
  await expect(page.getByRole("img", { name: "This formula as a code to photograph" }).first()).toBeVisible();
});

test("the example of a page's data is no secret: what it says is read, and nothing of it is run", async ({
  page,
}) => {
  await page.goto("/stores/recipe");
  const evil = `<script>window.stolen = true</script><img src=x onerror="window.stolen = true"><h1>Short ribs</h1>
<ul><li>2 kg beef short ribs</li><li>20 g salt &lt;b&gt;fine&lt;/b&gt;</li></ul><p>Rub the ribs with the salt.</p>`;
  await page.getByLabel(/^Paste or drop a recipe as it is/).fill(evil);
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByText("20 g salt <b>fine</b>").first()).toBeVisible();
  expect(await page.evaluate(() => "stolen" in window)).toBe(false);
});
