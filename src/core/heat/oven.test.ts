import { stillOvenC } from "./oven";

test("a fan counts as twenty degrees more; without one the dial is taken at its word", () => {
  expect(stillOvenC({ setC: 180, fan: true })).toBe(200);
  expect(stillOvenC({ setC: 180, fan: false })).toBe(180);
});
