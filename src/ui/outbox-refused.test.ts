/** @jest-environment jsdom */
import type { Entry } from "./outbox-queue";
import { keepRefused, putAway, refusedKept } from "./outbox-refused";

const reading = (channel: string, value: number): Entry => ({
  method: "POST",
  path: "/api/batches/b/samples",
  body: { channel, atMs: 1, value },
});
const poured = (lineId: string): Entry => ({
  method: "PUT",
  path: "/api/batches/b/weights",
  body: { lineId, grams: 5 },
});
const entries = () => refusedKept().map((r) => r.entry);

beforeEach(() => localStorage.clear());

test("of one thing the last is kept: one line, one act; every reading is one of its own", () => {
  const [core, later] = [reading("coreA", 52), reading("coreA", 53)];
  for (const entry of [core, poured("salt"), poured("sugar"), poured("salt"), later])
    keepRefused({ entry, detail: "No." });
  expect(entries()).toEqual([core, poured("sugar"), poured("salt"), later]);
  putAway(later);
  putAway({ ...poured("salt"), body: { lineId: "salt", grams: 9 } });
  expect(entries()).toEqual([core, poured("sugar")]);
});

test("another batch's line, and a plain dish's other act, are other things", () => {
  const done = (taskId: string): Entry => ({ method: "PUT", path: "/api/sittings/s/done", body: { taskId } });
  const all = [poured("salt"), { ...poured("salt"), path: "/api/batches/c/weights" }];
  for (const entry of [...all, done("rice/wash"), done("rice/boil")]) keepRefused({ entry, detail: "No." });
  putAway(done("rice/wash"));
  expect(entries()).toEqual([...all, done("rice/boil")]);
});

test("what does not read is as nothing", () => {
  localStorage.setItem("outbox-refused", "{");
  expect(refusedKept()).toEqual([]);
  keepRefused({ entry: poured("salt"), detail: "No." });
  expect(entries()).toEqual([poured("salt")]);
});
