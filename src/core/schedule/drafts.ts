import { formulate } from "../formula/formulate";
import { AS_WANTED, preparationOffered } from "../formula/offer/defaults";
import { hasBath, isBaked } from "../preparations";
import { isOneHeat } from "../heat/oven";
import { atHeat, heatOf, withFormulation } from "./one-heat";
import type { BatchRequest, DishRequest, SittingRequest } from "./request";
import { mayStretch } from "./soak-edges";

export type OfferFacts =
  | { kind: "laterTable"; tableMs: number; byMin: number }
  | { kind: "getUp" }
  | { kind: "unpin"; taskId: string }
  | { kind: "letStretch"; dish: string }
  | { kind: "readySooner"; dish: string; readiness: "outside" | "seasoned"; hours: number }
  | { kind: "strongBrine"; dish: string; percent: number; hours: number }
  | { kind: "dryBrine"; dish: string; hours: number }
  | { kind: "oneHeat"; dish: string; ovenC: number; byMin: number }
  | { kind: "cooler"; dish: string }
  | { kind: "apart"; dish: string }
  | { kind: "another"; what: Another };

type Another = "cook" | "oven" | "shelf" | "cooler" | "ring" | "tray" | "vessel";

/** A brine of the timed school that is strong and still usual, share of salt. *Practice*. */
const STRONG = 0.08;

/** A change that was thought of and is not tried yet. */
export interface Draft {
  id: string;
  /** Two changes to one dish are not made at once. */
  dishId?: string;
  facts: OfferFacts;
  cost: number;
  apply: (request: SittingRequest) => SittingRequest;
}

/** Every change that touches a demand of the clash, tried or not. */
export const draftsFor = (request: SittingRequest, demands: readonly string[]): Draft[] => [
  ...unpinned(request, demands),
  ...request.dishes.flatMap((dish) => dishDrafts(request, dish, demands)),
  ...kitchenDrafts(request, demands),
];

/** Puts a changed dish in the place of the one of its id. */
const swapped =
  (changed: DishRequest) =>
  (request: SittingRequest): SittingRequest => ({
    ...request,
    dishes: request.dishes.map((d) => (d.id === changed.id ? changed : d)),
  });

function unpinned(request: SittingRequest, demands: readonly string[]): Draft[] {
  return request.pins
    .filter((pin) => demands.includes(`pinned:${pin.taskId}`))
    .map((pin) => ({
      id: `unpin:${pin.taskId}`,
      facts: { kind: "unpin", taskId: pin.taskId },
      cost: 1,
      apply: (r) => ({ ...r, pins: r.pins.filter((p) => p.taskId !== pin.taskId) }),
    }));
}

function kitchenDrafts(request: SittingRequest, demands: readonly string[]): Draft[] {
  const clash = (id: string) => demands.some((d) => d.startsWith(`resource:${id}`));
  const more = (what: Another, key: keyof SittingRequest["kitchen"], cost: number): Draft => ({
    id: `another:${what}`,
    facts: { kind: "another", what },
    cost,
    apply: (r) => ({ ...r, kitchen: { ...r.kitchen, [key]: r.kitchen[key] + 1 } }),
  });
  const drafts: Draft[] = [];
  if (demands.includes("quiet") && !request.getsUp)
    drafts.push({ id: "getUp", facts: { kind: "getUp" }, cost: 30, apply: (r) => ({ ...r, getsUp: true }) });
  if (clash("hands")) drafts.push(more("cook", "cooks", 20));
  if (clash("oven")) drafts.push(more("shelf", "shelves", 18), more("oven", "ovens", 40));
  if (clash("cooler")) drafts.push(more("cooler", "coolers", 22));
  if (clash("tray")) drafts.push(more("tray", "trays", 6));
  if (clash("vessel")) drafts.push(more("vessel", "vessels", 7));
  if (clash("hob")) drafts.push(more("ring", "rings", 20));
  return drafts;
}

function dishDrafts(request: SittingRequest, dish: DishRequest, demands: readonly string[]): Draft[] {
  const drafts = demands.some((d) => d.startsWith("resource:oven")) ? oneHeat(request, dish) : [];
  if (dish.kind === "plain") return drafts;
  if (dish.doneMs?.go_in !== undefined) return [...drafts, ...apart(request, dish, demands)];
  // One dish that is too slow is named; the others may be as well.
  if (demands.some((d) => d.startsWith("soak:"))) drafts.push(...soakDrafts(dish));
  if (demands.includes("resource:fridge") && dish.formulation.holding.place === "fridge") {
    const holding = { ...dish.formulation.holding, place: "cooler" as const };
    drafts.push(
      draftOf(dish, "cooler", { kind: "cooler", dish: dish.name }, 14, withFormulation(dish, { holding })),
    );
  }
  return drafts;
}

/** Dearer than anything that keeps the table together. *Practice*. */
const APART_COST = 45;

/** What is on its way and cannot be at the table with the others is served when it is done. */
function apart({ dishes }: SittingRequest, { id, name }: BatchRequest, demands: readonly string[]): Draft[] {
  if (!demands.includes(`table:${id}`) || dishes.length < 2) return [];
  return [
    {
      id: `apart:${id}`,
      dishId: id,
      facts: { kind: "apart", dish: name },
      cost: APART_COST,
      apply: (r) => ({
        ...r,
        dishes: r.dishes.filter((d) => d.id !== id),
        pins: r.pins.filter((pin) => !pin.taskId.startsWith(`${id}/`)),
      }),
    },
  ];
}

const draftOf = (
  dish: DishRequest,
  id: string,
  facts: OfferFacts,
  cost: number,
  changed: DishRequest,
): Draft => ({
  id: `${id}:${dish.id}`,
  dishId: dish.id,
  facts,
  cost,
  apply: swapped(changed),
});

/** Ready sooner by another meaning of ready, a stronger bath, or salt alone. */
function soakDrafts(dish: BatchRequest): Draft[] {
  const { formulation } = dish;
  const { readiness, preparation } = formulation;
  const drafts: Draft[] = [];
  if (!mayStretch(formulation) && !isBaked(formulation))
    drafts.push(
      draftOf(
        dish,
        "stretch",
        { kind: "letStretch", dish: dish.name },
        4,
        withFormulation(dish, { hours: { mode: "stretch" } }),
      ),
    );
  const offer = (id: string, changed: BatchRequest, cost: number, facts: (hours: number) => OfferFacts) => {
    const made = pulledWhenReady(changed);
    if (made) drafts.push(draftOf(dish, id, facts(made.hours), cost, made.dish));
  };
  const softer = (["seasoned", "outside"] as const).slice(READY_ORDER.indexOf(readiness));
  for (const next of softer)
    offer(next, withFormulation(dish, { readiness: next }), next === "seasoned" ? 8 : 12, (hours) => ({
      kind: "readySooner",
      dish: dish.name,
      readiness: next,
      hours,
    }));
  if (!hasBath(formulation)) return drafts;
  const timed = preparationOffered("timed", preparation.targetFraction);
  if (timed.kind === "wetBrine" && timed.school === "timed") {
    const strong = { ...timed, strength: { basis: "percent" as const, saltFraction: STRONG } };
    offer("strong", withFormulation(dish, { preparation: strong, salt: AS_WANTED }), 10, (hours) => ({
      kind: "strongBrine",
      dish: dish.name,
      percent: STRONG * 100,
      hours,
    }));
  }
  const dry = {
    salt: AS_WANTED,
    preparation: preparationOffered("dry", preparation.targetFraction),
    readiness: "outside" as const,
  };
  offer("dry", withFormulation(dish, dry), 15, (hours) => ({ kind: "dryBrine", dish: dish.name, hours }));
  return drafts;
}

const READY_ORDER = ["even", "seasoned", "outside"];

/** Pulled as soon as it is ready: that is what the change is for. Undefined where it never is. */
function pulledWhenReady(dish: BatchRequest): { dish: BatchRequest; hours: number } | undefined {
  const sheet = formulate(dish.formulation, { rateFactor: dish.rateFactor ?? 1 });
  const ready = sheet.ok ? sheet.value.soak.window.ready.likely : undefined;
  if (ready === undefined) return undefined;
  const hours = Math.max(0.25, Math.ceil(ready * 4) / 4);
  return { dish: withFormulation(dish, { pullH: hours }), hours };
}

/** Baked at a heat another dish wants anyway, for as much longer or shorter as the sums say. */
function oneHeat(request: SittingRequest, dish: DishRequest): Draft[] {
  const own = heatOf(dish);
  if (own === undefined) return [];
  const others = [...new Set(request.dishes.flatMap((d) => (d === dish ? [] : (heatOf(d) ?? []))))];
  return others
    .filter((ovenC) => !isOneHeat(ovenC, own))
    .flatMap((ovenC) => {
      const made = atHeat(dish, own, ovenC);
      if (!made) return [];
      const facts = { kind: "oneHeat" as const, dish: dish.name, ovenC, byMin: made.byMin };
      return [draftOf(dish, `heat${ovenC}`, facts, 5 + Math.abs(ovenC - own) / 10, made.dish)];
    });
}
