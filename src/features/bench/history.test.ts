import fc from "fast-check";
import { begun, changed, redone, stepped, undone, type History } from "./history";

const SLOW_MS = 2000;
const through = (values: readonly string[], gapMs = SLOW_MS): History<string> =>
  values.reduce((h, value, i) => changed(h, value, (i + 1) * gapMs), begun("start"));

test("undo goes back a change at a time, redo forward again", () => {
  const h = through(["a", "b"]);
  expect(undone(h).present).toBe("a");
  expect(undone(undone(h)).present).toBe("start");
  expect(redone(undone(h))).toMatchObject({ past: h.past, present: "b", future: [] });
});

test("at either end nothing happens", () => {
  const h = begun("start");
  expect(undone(h)).toBe(h);
  expect(redone(through(["a"])).present).toBe("a");
});

test("letters typed in one go are one change; the same again is none", () => {
  const h = through(["1", "12", "123"], 100);
  expect(undone(h).present).toBe("start");
  const slow = through(["1"], SLOW_MS);
  expect(changed(slow, "1", 9e9)).toBe(slow);
});

test("a change after an undo forgets what was undone", () => {
  const h = changed(undone(through(["a", "b"])), "c", 1e9);
  expect(redone(h)).toBe(h);
  expect(undone(h).present).toBe("a");
});

test("a step stands alone, however soon it comes after another change", () => {
  const h = stepped(through(["1", "12"], 100), "other");
  expect(undone(h).present).toBe("12");
  const after = changed(h, "typed", 101);
  expect(undone(after).present).toBe("other");
});

test("all the way back and forth is where it was", () => {
  fc.assert(
    fc.property(fc.array(fc.string(), { maxLength: 30 }), (values) => {
      const h = through(values);
      const steps = h.past.length;
      let at = h;
      for (let i = 0; i < steps; i++) at = undone(at);
      const start = at.present;
      for (let i = 0; i < steps; i++) at = redone(at);
      return start === "start" && at.present === h.present;
    }),
    { seed: 4, numRuns: 100 },
  );
});
