import { workOut } from "../bench/worked";
import { newFormulation } from "../formula/offer/defaults";
import { findFood, FOODS } from "../materials/lookup";
import { NO_LIMITS } from "../safety/limits";
import { bestFirst } from "./best-first";
import { firstOffered } from "./first-offered";
import { choicesFor } from "./serves";
import { withWay } from "./take";
import { stepsOff } from "./verdict";
import { waysFor, waysSteps } from "./ways";

const HOURS = [2, 6, 14, 24, 48];
/** One of the five for each food, in turn, so that every food and every time is there; all of them with `WALK=all`. */
const hoursFor = (i: number): number[] => (process.env.WALK === "all" ? HOURS : [HOURS[i % 5]]);

function food(id: string) {
  const found = findFood(id);
  if (!found) throw new Error(`no ${id}`);
  return found;
}

describe("ways for every food of the table at two hours, six, overnight, a day and two days", () => {
  const all = FOODS.flatMap((f, i) =>
    hoursFor(i).map((hours) => ({ id: f.id, hours, ways: waysFor(newFormulation(f), hours) })),
  );

  test("there is always one", () => {
    expect(all.filter(({ ways }) => ways.length === 0)).toEqual([]);
  });

  test("the first ends as wanted, or says what stands in the way", () => {
    const silent = all.filter(({ ways: [first] }) => first.verdict !== "asWanted" && !first.short);
    expect(silent.map(({ id, hours }) => `${id} ${hours} h`)).toEqual([]);
  });

  test("in at least 85 of 100 the first ends as wanted", () => {
    const good = all.filter(({ ways: [first] }) => first.verdict === "asWanted");
    expect(good.length / all.length).toBeGreaterThanOrEqual(0.85);
  });

  test("nothing nearer to what is wanted stands below the first, and none stands longer than there is", () => {
    for (const { ways, hours } of all) {
      for (const way of ways) {
        expect(stepsOff(ways[0].verdict)).toBeLessThanOrEqual(stepsOff(way.verdict));
        if (way.choice !== "crust") expect(way.hours).toBeLessThanOrEqual(hours + 1e-9);
      }
    }
  });

  test("the first comes without a stop, and within what its sheet comes to", () => {
    for (const { id, hours, ways } of all) {
      const [{ input, salt }] = ways;
      const whole = workOut({ input, rateFactor: 1, kitchen: NO_LIMITS });
      if (!whole.ok) throw new Error(`${id} ${hours} h: ${whole.error.code}`);
      expect(whole.findings.filter((f) => f.severity === "stop")).toEqual([]);
      // The ways are worked out quickly: they show one decimal of a per cent.
      expect(Math.abs(salt.fraction - whole.salt.fraction)).toBeLessThan(0.0005);
    }
  });

  test("worked out in two parts and put together, they are the same in the same order", () => {
    for (const { id, hours, ways } of all.slice(0, 12)) {
      const parts = [0, 1].map((at) => waysFor(newFormulation(food(id)), hours, { part: { at, of: 2 } }));
      expect(parts.every((part) => part.length < ways.length)).toBe(true);
      expect(bestFirst(parts.flat())).toEqual(ways);
    }
  });

  test("a step is taken for each preparation, so that whoever works them out may leave it in between", () => {
    const [{ id, hours, ways }] = all;
    const steps = waysSteps(newFormulation(food(id)), hours, {});
    expect(choicesFor(food(id)).map(() => steps.next().done)).not.toContain(true);
    expect(steps.next()).toEqual({ done: true, value: ways });
  });

  test("the band holds the figure it is about", () => {
    for (const { ways } of all)
      for (const { salt } of ways) {
        expect(salt.low).toBeLessThanOrEqual(salt.fraction);
        expect(salt.high).toBeGreaterThanOrEqual(salt.fraction);
      }
  });
});

describe("what serves a food. Practice", () => {
  test("ground meat is mixed, never bathed", () => {
    expect(choicesFor(food("beef_ground"))).toEqual(["dry", "paste", "rub"]);
  });

  test("what is thick and cooked through may be injected; a rare joint stays whole", () => {
    expect(choicesFor(food("pork_loin_bonein"))).toContain("injection");
    expect(choicesFor(food("pork_loin_bonein"), 62.8)).toContain("injection");
    expect(choicesFor(food("pork_loin_bonein"), 62.7)).not.toContain("injection");
    expect(choicesFor(food("beef_ribeye_roast"))).not.toContain("injection");
    expect(choicesFor(food("duck_whole"))).toContain("injection");
    for (const id of ["pork_chop_boneless", "mackerel_fillet", "celeriac", "beef_ground"])
      expect(choicesFor(food(id))).not.toContain("injection");
  });

  test("what needs a needle comes after what does not, where both come to what is wanted", () => {
    const loin = newFormulation(food("pork_loin_bonein"));
    const all = waysFor(loin, 24);
    const at = (choice: string) => all.findIndex((w) => w.choice === choice);
    expect(all[at("injection")].verdict).toBe("asWanted");
    expect(all[at("dry")].verdict).toBe("asWanted");
    expect(at("injection")).toBeGreaterThan(at("dry"));
    expect(all[at("injection")].evenness).toBeGreaterThan(all[at("dry")].evenness);
  });

  test("fish may be cured; what is whole may go into a crust", () => {
    expect(choicesFor(food("mackerel_fillet"))).toContain("cure");
    expect(choicesFor(food("mackerel_fillet"))).not.toContain("crust");
    expect(choicesFor(food("celeriac"))).toContain("crust");
    expect(choicesFor(food("pork_chop_boneless"))).not.toContain("crust");
  });
});

describe("a way is taken", () => {
  const f = newFormulation(food("pork_chop_boneless"));
  const ways = waysFor(f, 14);

  test("the Bench becomes what was shown", () => {
    for (const way of ways) {
      const next = withWay(f, way);
      expect(next.preparation).toEqual(way.input.preparation);
      expect(next.pullH).toBe(way.hours);
    }
  });

  test("a name and notes typed meanwhile stay; a name that was only offered follows", () => {
    const dry = ways.find((w) => w.choice === "dry");
    const own = { ...f, name: "For Saturday", notes: "thick ones" };
    if (!dry) throw new Error("no dry");
    expect(withWay(own, dry)).toMatchObject({ name: "For Saturday", notes: "thick ones" });
    expect(withWay(f, dry).name).not.toBe(f.name);
  });

  test("an empty Bench begins with the best for this time tomorrow", () => {
    const first = firstOffered(food("pork_chop_boneless"));
    const [best] = waysFor(f, 24);
    expect(first.preparation).toEqual(best.input.preparation);
    expect(first.pullH).toBe(best.hours);
  });
});
