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
  await expect(page.getByText("This kitchen’s readings count")).toContainText(parseFloat(factor).toFixed(2));

  // A thermometer says the oven is hot: it is believed, and taken.
  await page.goto(`${exampleKitchen.url}/record/learned`);
  const oven = page.getByRole("region", { name: "The oven" });
  await expect(oven.locator("[data-learned]")).toHaveText(/°C$/);
  await expect(oven).toContainText("under its dial");
  await oven.getByLabel("The thermometer reads").fill("165");
  await oven.getByLabel("The thermometer reads").blur();
  await oven.getByRole("button", { name: "Keep the reading" }).click();
  await expect(oven).toContainText("3 readings");
  await oven.getByRole("button", { name: "Reckon with it" }).click();
  await expect(oven).toContainText("Taken for true here");
  const climb = page.getByRole("region", { name: "The climb out of the heat" });
  await climb.getByRole("button", { name: "Reckon with it" }).click();
  await expect(climb).toContainText("Taken for true here");
  await page.reload();
  await expect(oven).toContainText("Taken for true here");

  // Forgotten, the table and the sums hold again.
  for (const card of [loin, oven, climb]) {
    await card.getByRole("button", { name: "Forget it" }).click();
    await expect(card).toContainText("Not taken");
  }
});
