import { chmodSync, mkdtempSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { openDatabase, writing, type Db } from "./database";
import { codeOf } from "./problem";
import { formulas } from "./schema";
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

test("who looks and then writes is not refused for what another thread writes in between", () => {
  const file = fresh();
  const [ours, theirs] = [openDatabase(file), openDatabase(file)];
  theirs.$client.pragma("busy_timeout = 0");
  const write = (db: Db, id: string) => db.insert(formulas).values({ id, name: id, createdAtMs: 0 }).run();
  const ids = (db: Db) => db.select({ id: formulas.id }).from(formulas).all();
  const refused: string[] = [];
  writing(ours, () => {
    expect(ids(ours)).toEqual([]);
    try {
      write(theirs, "theirs");
    } catch (error) {
      refused.push(codeOf(error));
    }
    write(ours, "ours");
  });
  // They waited for their turn, and have it now.
  expect(refused).toEqual(["SQLITE_BUSY"]);
  write(theirs, "theirs");
  expect(ids(ours)).toEqual([{ id: "ours" }, { id: "theirs" }]);
  for (const db of [ours, theirs]) db.$client.close();
});

test("all of it is written, or nothing", () => {
  const db = openDatabase(":memory:");
  const half = () =>
    writing(db, (tx) => {
      tx.insert(formulas).values({ id: "ours", name: "Half", createdAtMs: 0 }).run();
      throw new Error("half way");
    });
  expect(half).toThrow("half way");
  expect(db.select().from(formulas).all()).toEqual([]);
});
