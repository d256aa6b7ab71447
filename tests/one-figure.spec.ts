import { BenchPage } from "./bench-page";
import { comes, expect, test } from "./kitchen";
import { RecipePage } from "./recipe-page";
import { upTo } from "./work-page";

/*
 * Salt that is confirmed in a pasted recipe is the salt on the Bench's sheet, in the batch's record and at the scale, gram
 * for gram, whatever the preparation (a marinade's is with the other seams of the account). Common practice, no source: the recipes are a kitchen's own.
 */
const RECIPES = [
  {
    name: "Loin in brine",
    as: "Timed",
    salt: ["sea_fine", 60],
    text: "1.2 kg boneless pork loin\n1 litre water\n60 g fine sea salt\n\nBrine for 12 hours in the fridge.",
  },
  {
    name: "Duck legs, salted",
    as: "Dry",
    salt: ["sea_fine", 14],
    text: "1.1 kg duck legs\n14 g fine sea salt\n\nSalt the legs all over and leave uncovered in the fridge overnight.",
  },
  {
    name: "Short ribs, rubbed",
    as: "Rub",
    salt: ["sea_fine", 16],
    text: "1.5 kg beef short ribs\n16 g fine sea salt\n12 g smoked paprika\n6 g ground black pepper\n\nMix the rub, rub it all over and chill for 8 hours.",
  },
  {
    name: "Tofu in paste",
    as: "Paste",
    salt: ["sea_fine", 5],
    text: "700 g firm tofu\n5 g fine sea salt\n30 g grated ginger\n20 g garlic\n20 g sunflower oil\n6 g ground cumin\n\nGrind to a paste, coat the tofu with the paste and leave for 3 hours in the fridge.",
  },
  {
    name: "Mackerel, cured",
    as: "Short cure",
    salt: ["sea_fine", 40],
    text: "800 g mackerel fillets\n40 g fine sea salt\n20 g white sugar\n\nMix salt and sugar, bury the fillets in the cure for 2 hours in the fridge, then rinse.",
  },
  {
    name: "Mullet in salt crust",
    as: "Crust",
    salt: ["sea_coarse", 1600],
    text: "1 kg whole grey mullet\n1.6 kg coarse sea salt\n120 ml water\n\nPack the fish in the damp salt crust and bake at 200 °C for 35 minutes.",
  },
  {
    name: "Pork by the needle",
    as: "Injection",
    salt: ["sea_fine", 9],
    text: "1 kg boneless pork loin\n91 g water\n9 g fine sea salt\n\nInject the brine into the loin and leave for 12 hours in the fridge.",
  },
] as const;

for (const { name, as, salt, text } of RECIPES) {
  const [id, grams] = salt;
  test(`${name}: ${grams} g of salt confirmed, on the sheet, in the record and at the scale`, async ({
    page,
  }) => {
    const recipe = new RecipePage(page);
    await recipe.read(`${name}\n\n${text}\n`);
    await recipe.confirmAll();
    await page.getByRole("button", { name: "Put it on the Bench" }).click();
    const bench = new BenchPage(page);
    await expect(await bench.chosen(as)).toBeChecked();
    await expect.poll(() => bench.grams(id)).toBe(grams);
    await bench.save();
    await bench.start();
    await page.getByRole("link", { name: `Open ${name}` }).click();
    await comes(page.getByRole("heading", { name: "Weighed out" }));
    await expect(page.locator(`[data-line="${id}"]`).last()).toContainText(shown(grams));
    await page.locator('a.btn[href^="/work/"]').click();
    await upTo(page, "weigh_out");
    await expect(page.locator(`[data-weigh="${id}"]`)).toContainText(shown(grams));
  });
}

/** As a scale shows it: a narrow space between the thousands. */
const shown = (grams: number): RegExp => new RegExp(String(grams).replace(/(\d)(\d{3})$/, "$1\\s$2"));
