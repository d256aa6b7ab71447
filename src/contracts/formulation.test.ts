import { chops } from "@/core/formula/formulation.fixture";
import { DUCK_LEGS, PORK_LOIN } from "@/server/demo/brines";
import { formulationSchema } from "./formulation";

test.each([
  ["chops", chops()],
  ["the demo loin", PORK_LOIN],
  ["the demo duck", DUCK_LEGS],
])("%s pass the contract unchanged, through JSON and back", (_, formulation) => {
  expect(formulationSchema.parse(JSON.parse(JSON.stringify(formulation)))).toEqual(formulation);
});

test.each([
  ["no pieces", { pieces: { ...chops().pieces, count: 0 } }, "pieces.count"],
  ["two tonnes", { pieces: { ...chops().pieces, totalMassG: 2_000_000 } }, "pieces.totalMassG"],
  ["half a portion", { portions: 0.5 }, "portions"],
  ["not a number", { pullH: NaN }, "pullH"],
  ["a school that is none", { preparation: { kind: "wetBrine", school: "guess" } }, "preparation"],
  ["an empty name", { name: "  " }, "name"],
  ["something extra", { chef: "me" }, ""],
])("%s is refused where it stands", (_, change, path) => {
  const parsed = formulationSchema.safeParse({ ...chops(), ...change });
  expect(parsed.success).toBe(false);
  expect(parsed.error?.issues.map((i) => i.path.join("."))).toContain(path);
});
