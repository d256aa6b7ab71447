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

test("of one thing the last is kept: one core, one line, one place", () => {
  const [core, later, other] = [reading("coreA", 52), reading("coreA", 53), reading("coreB", 52)];
  for (const entry of [core, other, poured("salt"), poured("sugar"), later])
    keepRefused({ entry, detail: "No." });
  expect(entries()).toEqual([other, poured("salt"), poured("sugar"), later]);
  putAway(reading("coreA", 60));
  putAway(poured("salt"));
  expect(entries()).toEqual([other, poured("sugar")]);
});

test("another batch's reading of the same channel, and a plain dish's other act, are other things", () => {
  const done = (taskId: string): Entry => ({ method: "PUT", path: "/api/sittings/s/done", body: { taskId } });
  const all = [reading("coreA", 52), { ...reading("coreA", 52), path: "/api/batches/c/samples" }];
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
