import { expect, test } from "./kitchen";

test("a learnt rate is taken, seen on the Bench, argued with and forgotten; the oven and the climb the same", async ({
  page,
  exampleKitchen,
}) => {
  await page.goto(`${exampleKitchen.url}/record`);
  await page.getByRole("link", { name: "What is learnt" }).click();
  const loin = page.getByRole("region", { name: "Pork loin roast, bone-in" });
  const figure = loin.locator("[data-learned]");
  const factor = await figure.innerText();
  expect(parseFloat(factor)).toBeGreaterThan(1.05);
  await expect(loin).toContainText("Juniper pork loin: ready in");

  // One batch is not believed: the figure moves, the batch stays shown.
  await loin
    .getByRole("button", { name: /^Leave out Juniper pork loin/ })
    .first()
    .click();
  await expect(figure).not.toHaveText(factor);
  await loin.getByRole("button", { name: /^Count Juniper pork loin/ }).click();
  await expect(figure).toHaveText(factor);

  await loin.getByRole("button", { name: "Reckon with it" }).click();
  await expect(loin).toContainText("Taken for true here");
  await page.goto(`${exampleKitchen.url}/stores`);
  await page.getByRole("link", { name: "Juniper pork loin", exact: true }).first().click();
  await expect(page).toHaveURL(/\/bench\?/);
  await expect(page.getByText("As this kitchen has learnt")).toContainText(parseFloat(factor).toFixed(2));

  // A thermometer says the oven is hot: it is believed, and taken.
  await page.goto(`${exampleKitchen.url}/record/learned`);
  const oven = page.getByRole("region", { name: "The oven", exact: true });
  await expect(oven.locator("[data-learned]")).toHaveText(/°C$/);
  await expect(oven).toContainText("under its dial");
  await oven.getByLabel("The thermometer reads").fill("165");
  await oven.getByLabel("The thermometer reads").blur();
  await oven.getByLabel("Lit from cold, I watched it").check();
  await oven.getByLabel("Stood there after").fill("31");
  await oven.getByLabel("Stood there after").blur();
  await oven.getByRole("button", { name: "Keep the reading" }).click();
  await expect(oven).toContainText("3 readings");
  await expect(oven).toContainText("after 31 min");
  await oven.getByRole("button", { name: "Reckon with it" }).click();
  await expect(oven).toContainText("Taken for true here");
  const climb = page.getByRole("region", { name: "The climb out of the heat" });
  await climb.getByRole("button", { name: "Reckon with it" }).click();
  await expect(climb).toContainText("Taken for true here");
  const heating = page.getByRole("region", { name: "Heating the oven" });
  await expect(heating).toContainText("2 evenings");
  await heating.getByRole("button", { name: "Reckon with it" }).click();
  await expect(heating).toContainText("Taken for true here");
  await page.reload();
  await expect(oven).toContainText("Taken for true here");

  // Forgotten, the table and the sums hold again.
  for (const card of [loin, oven, heating, climb]) {
    await card.getByRole("button", { name: "Forget it" }).click();
    await expect(card).toContainText("Not taken");
  }

  // Judged anew on another device, a dinner says another salt here at once.
  const liked = page.getByRole("region", { name: "Liked salt" });
  const before = await liked.innerText();
  const record = await (await page.request.get(`${exampleKitchen.url}/record?judged=yes`)).text();
  const batch = /\/batch\/[\w-]+/.exec(record)?.[0] ?? "";
  const judged = {
    salt: 2,
    evenness: 0,
    texture: 0,
    juiciness: 0,
    surface: 0,
    timing: 0,
    faults: [],
    words: "",
  };
  const kept = await page.request.put(
    `${exampleKitchen.url}/api${batch.replace("batch", "batches")}/outcome`,
    {
      data: judged,
    },
  );
  expect(kept.ok()).toBe(true);
  await expect.poll(() => liked.innerText()).not.toBe(before);
});
