import Database from "better-sqlite3";
import { expect, test } from "./kitchen";

test("a row that does not read takes no page with it: it is named on every one, and safekeeping is at hand", async ({
  page,
  exampleKitchen,
}) => {
  const { url, databasePath } = exampleKitchen;
  const db = new Database(databasePath);
  db.prepare("update batches set body = '{\"name\":' where name like 'Duck%' and lifted_at_ms is null").run();
  db.prepare("update sittings set body = '[]' where json_extract(body, '$.name') = 'Harvest supper'").run();
  db.close();

  await page.goto(url);
  await expect(page.getByRole("heading", { name: "Juniper pork loin" }).first()).toBeVisible();
  const notice = page.getByRole("status").filter({ hasText: "does not read" });
  for (const path of ["/sitting", "/work", "/record", "/record/learned", "/stores", "/bench", "/"]) {
    await page.goto(url + path);
    await expect(page.getByText("Something broke on this page")).toHaveCount(0);
    await expect(page.getByRole("heading", { level: 1 })).toHaveCount(1);
    await expect(notice).toContainText("The batch “Duck legs, dry brined” is left out of the lists.");
    await expect(notice).toContainText(/The sitting (“Harvest supper”|with the number [\w-]+) is left out/);
  }
  // What reads is there and works.
  await page.goto(`${url}/sitting`);
  await expect(page.getByRole("link", { name: /at the lock/ })).toBeVisible();
  await expect(page.getByRole("link", { name: /Harvest supper/ })).toHaveCount(0);
  await notice.getByRole("link", { name: "Safekeeping" }).click();
  await expect(page.getByRole("region", { name: "Safekeeping" })).toBeVisible();
});
