import cases from "./given.json";
import { compare, type CheckCase } from "./case";
import { answer } from "./checkers";

const supported = (cases as unknown as CheckCase[]).filter((c) => answer(c) !== undefined);

test("every kind of case is supported", () => {
  expect(supported.length).toBe((cases as unknown as CheckCase[]).length);
});

test.each(supported.map((c) => [c.id, c] as const))("%s", (_, checkCase) => {
  const figures = compare(checkCase.expected, answer(checkCase) ?? {}, checkCase.tolerance);
  expect(figures.length).toBeGreaterThan(0);
  expect(figures.filter((figure) => !figure.pass)).toEqual([]);
});
