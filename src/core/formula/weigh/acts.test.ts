import { actsOf } from ".";
import type { SaltedFaces } from "./salted-faces";
import { PREPARATIONS, type PreparationChoice } from "../../preparations";

test("an act has its figures: rinsed or brushed, inside and out, one face or all, and until what weight", () => {
  const figures = {
    massG: 412,
    foodG: 4200,
    liquidMl: 2500,
    lines: "1 900 g salt",
    straight: false,
    faces: "all" as SaltedFaces,
  };
  const goesIn = (choice: PreparationChoice, change: object = {}, faces: SaltedFaces = "all") => {
    const p = { ...PREPARATIONS[choice].offered(0.014), ...change };
    return actsOf(p).goesIn(p, { ...figures, faces }).title;
  };
  expect(goesIn("timed")).toBe("Submerge it in 2.5 L brine");
  expect(goesIn("dry")).toContain("every face with 412 g");
  expect(goesIn("dry", {}, "one")).toContain("the flesh side with 412 g,");
  expect(goesIn("dry", {}, "moreOnOne")).toBe(
    "Salt the flesh side with 247 g, the other with 165 g, and onto the rack",
  );
  expect(goesIn("rub", { insideShare: 0.25 })).toContain("103 g of it inside");
  expect(goesIn("rub")).not.toContain("inside");
  expect(goesIn("crust")).toContain("1 900 g salt");
  expect(goesIn("injection")).toBe("Inject 412 g brine, a stab every 20 mm, until it weighs 4 610 g");
  const cure = PREPARATIONS.cure.offered(0.014);
  expect(actsOf(cure).comesOff?.(cure).title).toContain("Rinse");
  expect(actsOf(cure).comesOff?.({ ...cure, finish: "brush" }).title).toContain("Brush");
  const marinade = PREPARATIONS.marinade.offered(0.01);
  expect(actsOf(marinade).goesIn(marinade, { ...figures, straight: true }).title).toContain("Drizzle");
});
