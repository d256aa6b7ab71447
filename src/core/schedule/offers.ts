import { formulate } from "../formula/formulate";
import { preparationOffered } from "../formula/defaults";
import { dampRoast } from "../heat/damp-roast";
import { bodyShapeOf } from "../diffusion/flesh-body";
import { cookOffered } from "../formula/plate";
import { stagesOf } from "../work/cook-stages";
import { canBeHad, earliestTable } from "./answer";
import type { AskedBatch, AskedDish, SittingRequest } from "./request";

/** One change that clears the clash, and what it costs. */
export interface Offer {
  id: string;
  facts: OfferFacts;
  /** Points: the less, the smaller the change. *Practice*. */
  cost: number;
  request: SittingRequest;
}

export type OfferFacts =
  | { kind: "laterTable"; tableMs: number; byMin: number }
  | { kind: "getUp" }
  | { kind: "unpin"; taskId: string }
  | { kind: "readySooner"; dish: string; readiness: "outside" | "seasoned" }
  | { kind: "strongBrine"; dish: string; percent: number; hours: number }
  | { kind: "dryBrine"; dish: string; hours: number }
  | { kind: "oneHeat"; dish: string; ovenC: number; byMin: number }
  | { kind: "cooler"; dish: string }
  | { kind: "another"; what: "cook" | "oven" | "shelf" | "cooler" | "ring" };

/** A brine of the timed school that is strong and still usual, share of salt. *Practice*. */
const STRONG = 0.08;
const SHELVES = 1;

/**
 * Changes that clear a clash, least first. Each is tried: what does not give a plan is not offered.
 * @param demands of the clash: only changes that touch one of them are thought of
 */
export function offersFor(request: SittingRequest, nowMs: number, demands: readonly string[]): Offer[] {
  const drafts = [
    ...unpinned(request, demands),
    ...request.dishes.flatMap((dish) => dishOffers(request, dish, demands)),
    ...kitchenOffers(request, demands),
  ];
  const offers = drafts.filter((draft) => canBeHad(draft.request, nowMs));
  const later = laterTable(request, nowMs);
  return [...offers, ...later].sort((a, b) => a.cost - b.cost);
}

function unpinned(request: SittingRequest, demands: readonly string[]): Offer[] {
  return request.pins
    .filter((pin) => demands.includes(`pinned:${pin.taskId}`))
    .map((pin) => ({
      id: `unpin:${pin.taskId}`,
      facts: { kind: "unpin", taskId: pin.taskId },
      cost: 1,
      request: { ...request, pins: request.pins.filter((p) => p !== pin) },
    }));
}

function laterTable(request: SittingRequest, nowMs: number): Offer[] {
  const tableMs = earliestTable(request, nowMs);
  if (tableMs === undefined) return [];
  const byMin = Math.round((tableMs - request.tableMs) / 60_000);
  return [
    {
      id: "later",
      facts: { kind: "laterTable", tableMs, byMin },
      cost: 8 + byMin / 3,
      request: { ...request, tableMs },
    },
  ];
}

function kitchenOffers(request: SittingRequest, demands: readonly string[]): Offer[] {
  const { kitchen } = request;
  const more = (
    what: "cook" | "oven" | "shelf" | "cooler" | "ring",
    change: Partial<typeof kitchen>,
    cost: number,
  ): Offer => ({
    id: `another:${what}`,
    facts: { kind: "another", what },
    cost,
    request: { ...request, kitchen: { ...kitchen, ...change } },
  });
  const clash = (id: string) => demands.some((d) => d.startsWith(`resource:${id}`));
  return [
    ...(demands.includes("quiet") && !request.getsUp
      ? [{ id: "getUp", facts: { kind: "getUp" as const }, cost: 30, request: { ...request, getsUp: true } }]
      : []),
    ...(clash("hands") ? [more("cook", { cooks: kitchen.cooks + 1 }, 20)] : []),
    ...(clash("oven")
      ? [
          more("shelf", { shelves: kitchen.shelves + SHELVES }, 18),
          more("oven", { ovens: kitchen.ovens + 1 }, 40),
        ]
      : []),
    ...(clash("cooler") ? [more("cooler", { coolers: kitchen.coolers + 1 }, 22)] : []),
    ...(clash("hob") ? [more("ring", { rings: kitchen.rings + 1 }, 20)] : []),
  ];
}

function dishOffers(request: SittingRequest, dish: AskedDish, demands: readonly string[]): Offer[] {
  const ovenClash = demands.some((d) => d.startsWith("resource:oven"));
  const heats = ovenClash ? oneHeat(request, dish) : [];
  if (dish.kind === "plain" || dish.doneMs?.go_in !== undefined) return heats;
  const swapped = (changed: AskedBatch): SittingRequest => ({
    ...request,
    dishes: request.dishes.map((d) => (d === dish ? changed : d)),
  });
  const drafts = [...heats];
  if (demands.includes(`soak:${dish.id}`)) drafts.push(...soakOffers(dish, swapped));
  if (demands.includes("resource:fridge") && dish.formulation.holding.place === "fridge")
    drafts.push({
      id: `cooler:${dish.id}`,
      facts: { kind: "cooler", dish: dish.name },
      cost: 14,
      request: swapped(withFormulation(dish, { holding: { ...dish.formulation.holding, place: "cooler" } })),
    });
  return drafts;
}

const withFormulation = (dish: AskedBatch, part: Partial<AskedBatch["formulation"]>): AskedBatch => ({
  ...dish,
  formulation: { ...dish.formulation, ...part },
});

/** Ready sooner by another meaning of ready, a stronger bath, or salt alone. */
function soakOffers(dish: AskedBatch, swapped: (d: AskedBatch) => SittingRequest): Offer[] {
  const { formulation } = dish;
  const drafts: Offer[] = [];
  const readyH = (changed: AskedBatch) => {
    const sheet = formulate(changed.formulation, { rateFactor: dish.rateFactor ?? 1 });
    return sheet.ok ? sheet.value.soak.window.ready.likely : undefined;
  };
  /** Pulled as soon as it is ready: that is what the change is for. */
  const pulled = (changed: AskedBatch): { dish: AskedBatch; hours: number } | undefined => {
    const hours = readyH(changed);
    if (hours === undefined) return undefined;
    const pullH = Math.max(0.25, Math.ceil(hours * 4) / 4);
    return { dish: withFormulation(changed, { pullH }), hours: pullH };
  };
  for (const readiness of ["seasoned", "outside"] as const) {
    if (formulation.readiness === readiness || formulation.readiness === "outside") continue;
    const made = pulled(withFormulation(dish, { readiness }));
    if (made)
      drafts.push({
        id: `${readiness}:${dish.id}`,
        facts: { kind: "readySooner", dish: dish.name, readiness },
        cost: readiness === "seasoned" ? 8 : 12,
        request: swapped(made.dish),
      });
  }
  const { preparation } = formulation;
  if (preparation.kind === "wetBrine") {
    const timed = preparationOffered("timed", preparation.targetFraction);
    const strong =
      timed.kind === "wetBrine" && timed.school === "timed"
        ? { ...timed, strength: { basis: "percent" as const, saltFraction: STRONG } }
        : timed;
    const made = pulled(withFormulation(dish, { preparation: strong }));
    if (made)
      drafts.push({
        id: `strong:${dish.id}`,
        facts: { kind: "strongBrine", dish: dish.name, percent: STRONG * 100, hours: made.hours },
        cost: 10,
        request: swapped(made.dish),
      });
    const dry = pulled(
      withFormulation(dish, {
        preparation: preparationOffered("dry", preparation.targetFraction),
        readiness: "outside",
      }),
    );
    if (dry)
      drafts.push({
        id: `dry:${dish.id}`,
        facts: { kind: "dryBrine", dish: dish.name, hours: dry.hours },
        cost: 15,
        request: swapped(dry.dish),
      });
  }
  return drafts;
}

/** Baked at a heat another dish wants anyway, for as much longer or shorter as the sums say. */
function oneHeat(request: SittingRequest, dish: AskedDish): Offer[] {
  const own = heatOf(dish);
  if (own === undefined) return [];
  const others = [...new Set(request.dishes.flatMap((d) => (d === dish ? [] : (heatOf(d) ?? []))))];
  return others
    .filter((ovenC) => Math.abs(ovenC - own) > 10)
    .flatMap((ovenC) => {
      const made = atHeat(dish, own, ovenC);
      if (!made) return [];
      const changed = { ...request, dishes: request.dishes.map((d) => (d === dish ? made.dish : d)) };
      return [
        {
          id: `heat:${dish.id}:${ovenC}`,
          facts: { kind: "oneHeat" as const, dish: dish.name, ovenC, byMin: made.byMin },
          cost: 5 + Math.abs(ovenC - own) / 10,
          request: changed,
        },
      ];
    });
}

function heatOf(dish: AskedDish): number | undefined {
  if (dish.kind === "plain") return dish.ovenC;
  const { cook } = dish.formulation;
  // Stages are there for a reason: they are not moved to one heat.
  if (cook?.stages && cook.stages.length > 1) return undefined;
  return cook?.stages?.[0].ovenC ?? cook?.ovenC;
}

/** Minutes for vegetables go about with the air above their own warmth. *Practice*, rough. */
const plainMinutes = (minutes: number, fromC: number, toC: number) =>
  Math.round((minutes * (fromC - 20)) / (toC - 20));

function atHeat(dish: AskedDish, fromC: number, toC: number): { dish: AskedDish; byMin: number } | undefined {
  if (dish.kind === "plain") {
    const trays = dish.trays.map((t) => ({ ...t, minutes: plainMinutes(t.minutes, fromC, toC) }));
    const longest = (d: { minutes: number }[]) => Math.max(...d.map((t) => t.minutes));
    return { dish: { ...dish, ovenC: toC, trays }, byMin: longest(trays) - longest(dish.trays) };
  }
  const sheet = formulate(dish.formulation, { rateFactor: dish.rateFactor ?? 1 });
  if (!sheet.ok) return undefined;
  const { formulation } = dish;
  const cook = formulation.cook ?? cookOffered(sheet.value.load, formulation.pieces.thicknessMm);
  const crust = sheet.value.crust !== undefined;
  const minutes = stagesOf(formulation, cook)[0].minutes;
  const ratio =
    times(sheet.value.food, formulation, cook.toC, toC) /
    times(sheet.value.food, formulation, cook.toC, fromC);
  const changedMin = Math.max(5, Math.round(minutes * ratio));
  return {
    dish: withFormulation(dish, {
      cook: { ...cook, ovenC: toC, minutes: changedMin, stages: undefined },
      ...(crust && { pullH: changedMin / 60 }),
    }),
    byMin: changedMin - minutes,
  };
}

/** How long a piece takes at a heat, only to be set against another heat. */
function times(
  food: Parameters<typeof bodyShapeOf>[0],
  { pieces }: AskedBatch["formulation"],
  toC: number,
  airC: number,
): number {
  const halfM = pieces.thicknessMm / 2000;
  const course = dampRoast(
    { shape: bodyShapeOf(food), startC: 6, airC, biot: (20 * halfM) / 0.46, wetness: 0.1 },
    toC,
  );
  return course.times[course.times.length - 1];
}
