import { cookOffered } from "../formula/plate";
import type { Act } from "../work/act";
import { actsFor } from "../work/acts";
import { stagesOf } from "../work/cook-stages";
import { COOLER, FRIDGE, OVEN, TRAY, VESSEL, type BatchDish } from "./dishes";
import type { Task } from "./model";
import { HEATED_WAITS_MIN, preheat } from "./plain-tasks";
import { TaskChain, type DishTasks } from "./task-chain";

const HOUR = 60;
/** One thing of the getting ready may wait so long for the next. */
const READY_GAP_MIN = 60;
/** From lifted out to the heat: the two-hour limit, with room. */
const OUT_GAP_MIN = 60;
/** A turn may be so far off its hour, so that it never needs the night. *Practice*. */
const TURN_SLACK_MIN = 4 * HOUR;
/** Ice may not: raw food in a cooler is looked at every four to five hours (hazard table). */
const ICE_SLACK_MIN = HOUR;
/** Two turns, or two looks at the ice, lie at least so far apart. *Practice*. */
const APART_MIN = 3 * HOUR;
/** A rest may be drawn out so long under foil and a cloth. *Practice*. */
const HOLD_MIN = 30;
/** Acts inside a cook may be so far off. */
const TEND_SLACK_MIN = 4;
const TEND_MOST_MIN = 5;
/** Leftovers are cold within two hours of the table (hazard table). */
const LEFTOVERS: [number, number] = [30, 110];
/** Where no window is reached within practice's limit the cook's own hours stand, give or take. */
const OWN_SLACK_MIN = 2 * HOUR;

const BEFORE: Act["kind"][] = ["thaw", "inspect", "clean", "weighOut", "mix", "chill"];
const AFTER_LIFT: Act["kind"][] = ["finish", "dry", "season"];

/** The soak's edges: least for what "ready" means here, wanted, most; minutes. */
export function soakEdges({ input, sheet }: BatchDish): {
  minMin: number;
  preferMin: number;
  maxMin: number;
} {
  const { ready, past } = sheet.soak.window;
  const pull = Math.round(input.pullH * HOUR);
  if (sheet.crust) return { minMin: pull, preferMin: pull, maxMin: pull + 5 };
  const most = past.likely === undefined ? pull + OWN_SLACK_MIN : Math.floor(past.likely * HOUR);
  // A soak that is never ready within its limits is planned by the cook's own hours.
  const least =
    ready.likely === undefined ? Math.max(0, pull - OWN_SLACK_MIN) : Math.ceil(ready.likely * HOUR);
  const minMin = Math.min(least, most);
  return { minMin, preferMin: Math.min(most, Math.max(minMin, pull)), maxMin: Math.max(most, minMin) };
}

/** An act that somebody stands by takes half an hour at most. */
const HANDS_MIN = 30;

interface Context {
  dish: BatchDish;
  chain: TaskChain;
  /** Acts that are not done yet. */
  open: Act[];
  acts: Act[];
  crust: boolean;
  /** Minutes it has been in the heat; undefined before. */
  cookedFor: number | undefined;
}

/**
 * Every act of a batch as tasks with their windows. What is done is left out; a soak under way, or a cook, is what is
 * left of it.
 */
export function dishTasks(dish: BatchDish, tableMin: number): DishTasks {
  const { done } = dish;
  const acts = actsFor(dish.input, dish.sheet);
  const crust = dish.sheet.crust !== undefined;
  const inHeat = done.stage_1 ?? (crust ? done.go_in : undefined);
  const c: Context = {
    dish,
    chain: new TaskChain(dish.id),
    open: acts.filter((a) => done[a.id] === undefined),
    acts,
    crust,
    cookedFor: inHeat === undefined ? undefined : -inHeat,
  };
  if (done.go_in === undefined) readying(c);
  if (!crust && done.lift_out === undefined && done.stage_1 === undefined) soaking(c);
  if (!crust && c.cookedFor === undefined)
    for (const act of c.open.filter((a) => AFTER_LIFT.includes(a.kind)))
      c.chain.follow(byHand(c, act), OUT_GAP_MIN);
  if (done.rest === undefined && done.serve === undefined) cooking(c);
  serving(c, tableMin);
  return c.chain;
}

const named = ({ dish }: Context, title: string) =>
  `${dish.name}: ${title.charAt(0).toLowerCase()}${title.slice(1)}`;

const byHand = (c: Context, act: Act, part: Partial<Task> = {}): string =>
  c.chain.put(act.id, named(c, act.title), act.minutes, { handsOn: act.minutes <= HANDS_MIN, ...part });

/** Thawing, cleaning, weighing and mixing, one after another, up to going in. */
function readying(c: Context): void {
  const { dish, chain } = c;
  for (const act of c.open.filter((a) => BEFORE.includes(a.kind) || a.kind === "goIn")) {
    const part: Partial<Task> =
      act.kind === "thaw"
        ? {
            handsOn: false,
            maxMin: Math.round(act.minutes * 1.5),
            uses: fridgeUse(dish, dish.input.pieces.thaw === "fridge"),
          }
        : {};
    chain.follow(byHand(c, act, part), READY_GAP_MIN);
  }
}

/** The soak, or what is left of it, with its turns and ice; then the lift-out on the minute. */
function soaking(c: Context): void {
  const { dish, chain } = c;
  const edges = soakEdges(dish);
  const inDone = dish.done.go_in !== undefined;
  const stood = inDone ? -dish.done.go_in : 0;
  const left = (minutes: number) => Math.max(0, Math.round(minutes - stood));
  const soak = chain.put("soak", `${dish.name}: in its ${SOAKS[dish.input.preparation.kind]}`, 0, {
    minMin: left(edges.minMin),
    preferMin: left(edges.preferMin),
    maxMin: left(edges.maxMin),
    uses: standsIn(dish),
    demand: `soak:${dish.id}`,
  });
  if (inDone) chain.startsNow(soak);
  else chain.follow(soak, 0);
  const before: Partial<Record<Act["kind"], string>> = {};
  for (const act of c.open) {
    if (act.kind !== "turn" && act.kind !== "ice") continue;
    const at = act.atMin - stood;
    if (at <= 0 || act.atMin >= edges.minMin) continue;
    const ice = act.kind === "ice";
    const slack = ice ? ICE_SLACK_MIN : TURN_SLACK_MIN;
    const demand = ice ? `ice:${dish.id}` : `soak:${dish.id}`;
    const task = byHand(c, act);
    chain.link(soak, task, Math.max(0, at - slack), at + slack, { from: "start", demand });
    chain.link(task, soak, 0, undefined, { to: "end", demand });
    const last = before[act.kind];
    if (last) chain.link(last, task, APART_MIN);
    before[act.kind] = task;
  }
  chain.last = soak;
  const lift = c.open.find((a) => a.kind === "liftOut");
  if (lift) chain.follow(byHand(c, lift), 0);
}

/** The cook stage by stage without a gap, what is done in it, and the oven before it. */
function cooking(c: Context): void {
  const { dish, chain, crust, cookedFor } = c;
  const cook = dish.input.cook ?? cookOffered(dish.sheet.load, dish.input.pieces.thicknessMm);
  const stages = stagesOf(dish.input, cook);
  const lengths = stages.map((s) => (crust ? Math.round(dish.input.pullH * HOUR) : s.minutes));
  const total = lengths.reduce((a, b) => a + b, 0);
  const begun = cookedFor !== undefined;
  const leftMin = begun ? Math.max(0, dish.doneByForecastMin ?? total - cookedFor) : total;
  let first: string | undefined;
  let to = 0;
  stages.forEach((stage, i) => {
    to += lengths[i];
    // The last stage takes up what the forecast adds.
    const still = Math.round(
      Math.max(0, Math.min(i === stages.length - 1 ? Infinity : lengths[i], leftMin - (total - to))),
    );
    if (begun && still === 0) return;
    const task = chain.put(`bake_${i + 1}`, `${dish.name}: ${stage.ovenC} °C`, still, {
      uses: [
        { resourceId: OVEN, amount: 1, ovenC: stage.ovenC },
        { resourceId: TRAY, amount: 1 },
      ],
    });
    if (first) chain.follow(task, 2);
    else if (begun) chain.startsNow(task);
    else enter(c, task, stage.ovenC);
    first ??= task;
    chain.last = task;
  });
  if (first) tending(c, first);
}

/** The heated oven, and the food into it; a crust went in as it was packed. */
function enter(c: Context, bake: string, ovenC: number): void {
  const { chain, dish } = c;
  chain.link(preheat(chain, ovenC), bake, 0, HEATED_WAITS_MIN);
  if (c.crust) return chain.follow(bake, 2);
  chain.follow(chain.put("oven_in", `${dish.name}: into the oven`, 2, { handsOn: true }), OUT_GAP_MIN);
  chain.follow(bake, 1);
}

function tending(c: Context, first: string): void {
  const offset = c.acts.find((a) => a.id === (c.crust ? "go_in" : "stage_1"))?.atMin ?? 0;
  for (const act of c.open) {
    if (act.kind !== "tend" && act.kind !== "probe") continue;
    const at = act.atMin - offset - (c.cookedFor ?? 0);
    if (at <= 0) continue;
    const task = byHand(c, { ...act, minutes: Math.min(act.minutes, TEND_MOST_MIN) });
    // Sugar burns: a glaze is never brushed on sooner than its last minutes.
    const sooner = act.id === "glaze" ? 0 : TEND_SLACK_MIN;
    c.chain.link(first, task, Math.max(0, at - sooner), at + TEND_SLACK_MIN, { from: "start" });
  }
}

/** Rest, table, and what is left. */
function serving(c: Context, tableMin: number): void {
  const { dish, chain } = c;
  const cook = dish.input.cook ?? cookOffered(dish.sheet.load, dish.input.pieces.thicknessMm);
  if (dish.done.serve === undefined) {
    if (dish.done.rest === undefined)
      chain.follow(
        chain.put("rest", `${dish.name}: rest`, cook.restMin, { maxMin: cook.restMin + HOLD_MIN, hot: true }),
        2,
      );
    chain.follow(chain.serve(dish.name, tableMin), HOLD_MIN);
  }
  if (dish.done.chill_leftovers === undefined)
    chain.put("chill_leftovers", `${dish.name}: chill what is left`, 5, {
      handsOn: true,
      fromMin: tableMin + LEFTOVERS[0],
      untilMin: tableMin + LEFTOVERS[1],
      demand: `table:${dish.id}`,
    });
}

const SOAKS: Record<BatchDish["input"]["preparation"]["kind"], string> = {
  wetBrine: "brine",
  dryBrine: "salt",
  marinade: "marinade",
  paste: "paste",
  rub: "rub",
  saltCrust: "crust",
  cure: "cure",
};

/** Litres it takes in the fridge: the vessel, or the pieces on a tray with air about them. */
export function fridgeLitres({ sheet }: BatchDish): number {
  const food = sheet.foodG / 1000;
  const liquid = sheet.liquidMl / 1000;
  return Math.ceil(liquid > 0 ? (food + liquid) * 1.3 : food * 2);
}

const fridgeUse = (dish: BatchDish, inFridge: boolean) =>
  inFridge ? [{ resourceId: FRIDGE, amount: fridgeLitres(dish) }] : [];

function standsIn(dish: BatchDish): Task["uses"] {
  const { place } = dish.input.holding;
  const lies = { resourceId: dish.sheet.liquidMl > 0 ? VESSEL : TRAY, amount: 1 };
  const cold = place === "cooler" ? [{ resourceId: COOLER, amount: 1 }] : fridgeUse(dish, place === "fridge");
  return [lies, ...cold];
}
