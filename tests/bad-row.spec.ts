import Database from "better-sqlite3";
import { expect, test } from "./kitchen";
import { holding } from "./server";

test("a row that does not read takes no page with it: it is named on every one, and safekeeping is at hand", async ({
  page,
  exampleKitchen,
  spare,
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
  // Another kitchen put in place has nothing of it.
  await holding(exampleKitchen, spare.empty);
  for (const path of ["/", "/record"]) {
    await page.goto(url + path);
    await expect(page.getByRole("heading", { level: 1 })).toHaveCount(1);
    await expect(notice).toHaveCount(0);
  }
});

test("the page of a row that does not read says which it is and what to do; put right, it opens again", async ({
  page,
  exampleKitchen,
}) => {
  const { url, databasePath } = exampleKitchen;
  const db = new Database(databasePath);
  const one = (sql: string) => db.prepare(sql).pluck().get() as string;
  const batch = one("SELECT id FROM batches WHERE name LIKE 'Juniper%' AND lifted_at_ms IS NULL");
  const sitting = one("SELECT id FROM sittings WHERE json_extract(body, '$.name') = 'Harvest supper'");
  const formula = one("SELECT id FROM formulas WHERE name LIKE 'Duck%'");
  const kept = one(`SELECT body FROM batches WHERE id = '${batch}'`);
  db.prepare("UPDATE batches SET body = json_remove(body, '$.holding') WHERE id = ?").run(batch);
  db.prepare("UPDATE sittings SET body = '[]' WHERE id = ?").run(sitting);
  db.prepare("UPDATE formula_versions SET body = '{' WHERE formula_id = ?").run(formula);

  for (const [path, what] of [
    [`/batch/${batch}`, "batch"],
    [`/work/${batch}`, "batch"],
    [`/print/batch/${batch}`, "batch"],
    [`/sitting/${sitting}`, "sitting"],
    [`/bench?formula=${formula}`, "formula"],
  ]) {
    await page.goto(url + path);
    await expect(page.getByRole("heading", { name: "Does not read", level: 1 })).toBeVisible();
    await expect(page.getByText(new RegExp(`^The ${what} .* stands in this kitchen’s file`))).toBeVisible();
  }
  await page.goto(`${url}/batch/${batch}`);
  await expect(page.getByText("its holding is not what it should be")).toBeVisible();
  db.prepare("UPDATE batches SET body = ? WHERE id = ?").run(kept, batch);
  db.close();
  await page.getByRole("link", { name: "Look again" }).click();
  await expect(page.getByRole("heading", { name: "Juniper pork loin" }).first()).toBeVisible();
  await page.goto(`${url}/does-not-read/batch/nothing`);
  await expect(page.getByText("There is no such batch, formula or page")).toBeVisible();
});
