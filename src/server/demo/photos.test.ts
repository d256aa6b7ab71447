import sharp from "sharp";
import { openDatabase } from "../database";
import { listPhotos, loadPhoto } from "../photos";
import { batches } from "../schema";
import { loadDemoKitchen } from "./load";
import { photographDemo } from "./photos";

const NOW = Date.UTC(2026, 6, 8, 9);

test("every judged batch of the example has a drawn plate, taken when it was eaten; what still soaks has none", async () => {
  const db = openDatabase(":memory:");
  loadDemoKitchen(db, NOW);
  await photographDemo(db, NOW);
  const all = db.select().from(batches).all();
  for (const { id, saltScore, liftedAtMs } of all) {
    const photos = listPhotos(db, id);
    expect(photos).toHaveLength(saltScore === null ? 0 : 1);
    for (const photo of photos) {
      expect(photo.takenAtMs).toBeGreaterThan(liftedAtMs ?? NaN);
      expect(photo.takenAtMs).toBeLessThanOrEqual(NOW);
    }
  }
  const judged = all.filter((b) => b.saltScore !== null);
  expect(judged.length).toBeGreaterThanOrEqual(12);
  const [first] = listPhotos(db, judged[0].id);
  const { format, width } = await sharp(loadPhoto(db, judged[0].id, first.id)).metadata();
  expect([format, width]).toEqual(["jpeg", 960]);
});
