import { openDatabase } from "./database";
import { kitchenIsReady, takesWrites } from "./ready";

const held = globalThis as { ironCrockDb?: unknown };

test("a kitchen that takes writes is ready; one that is only read is not", () => {
  const db = openDatabase(":memory:");
  expect(takesWrites(db)).toBe(true);
  db.$client.pragma("query_only = ON");
  expect(takesWrites(db)).toBe(false);
});

test("one that cannot be asked at all is not ready, and nothing is thrown", () => {
  const db = openDatabase(":memory:");
  held.ironCrockDb = db;
  expect(kitchenIsReady()).toBe(true);
  db.$client.close();
  expect(kitchenIsReady()).toBe(false);
  delete held.ironCrockDb;
});
