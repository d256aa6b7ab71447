import { chmodSync, mkdtempSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { openDatabase } from "./database";
import { takeSnapshot } from "./safekeeping/snapshots";

const fresh = () => path.join(mkdtempSync(path.join(tmpdir(), "crock-rights-")), "deep", "kitchen.db");
const rights = (file: string) => statSync(file).mode & 0o777;

test("the kitchen's file, its log and its snapshots are their owner's only", async () => {
  const file = fresh();
  const db = openDatabase(file);
  expect(rights(file)).toBe(0o600);
  expect(rights(`${file}-wal`)).toBe(0o600);
  const snapshot = await takeSnapshot(db, `${file}.snapshots`, 1_750_000_000_000);
  expect(rights(path.dirname(snapshot))).toBe(0o700);
  expect(rights(snapshot)).toBe(0o600);
  // A folder of somebody else's choosing keeps its rights; what is put there is closed all the same.
  const shared = mkdtempSync(path.join(tmpdir(), "crock-shared-"));
  chmodSync(shared, 0o755);
  expect(rights(await takeSnapshot(db, shared, 1_750_000_000_000))).toBe(0o600);
  expect(rights(shared)).toBe(0o755);
  db.$client.close();
});

test("a file that others could read is closed to them when it is opened again", () => {
  const file = fresh();
  openDatabase(file).$client.close();
  chmodSync(file, 0o644);
  openDatabase(file).$client.close();
  expect(rights(file)).toBe(0o600);
});
