import { formulate, type Formulated } from "../formula/formulate";
import { preparationOffered } from "../formula/defaults";
import { dampRoast } from "../heat/damp-roast";
import { bodyShapeOf } from "../diffusion/flesh-body";
import { cookOffered } from "../formula/plate";
import { stagesOf } from "../work/cook-stages";
import { canBeHad, earliestTable } from "./answer";
import { ONE_HEAT_C } from "./model";
import type { AskedBatch, AskedDish, SittingRequest } from "./request";

/** What clears the clash: one change, or two where no one does; and what it costs. */
export interface Offer {
  id: string;
  changes: OfferFacts[];
  /** Points: the less, the smaller the change. *Practice*. */
  cost: number;
  request: SittingRequest;
}

export type OfferFacts =
  | { kind: "laterTable"; tableMs: number; byMin: number }
  | { kind: "getUp" }
  | { kind: "unpin"; taskId: string }
  | { kind: "readySooner"; dish: string; readiness: "outside" | "seasoned"; hours: number }
  | { kind: "strongBrine"; dish: string; percent: number; hours: number }
  | { kind: "dryBrine"; dish: string; hours: number }
  | { kind: "oneHeat"; dish: string; ovenC: number; byMin: number }
  | { kind: "cooler"; dish: string }
  | { kind: "another"; what: Another };

type Another = "cook" | "oven" | "shelf" | "cooler" | "ring" | "tray" | "vessel";

/** A brine of the timed school that is strong and still usual, share of salt. *Practice*. */
const STRONG = 0.08;

/** A change that was thought of and is not tried yet. */
interface Draft {
  id: string;
  /** Two changes to one dish are not made at once. */
  dishId?: string;
  facts: OfferFacts;
  cost: number;
  apply: (request: SittingRequest) => SittingRequest;
}

const PAIRS_MOST = 60;

/**
 * Changes that clear a clash, least first. Each is tried: what does not give a plan is not offered. Where no single
 * change does, pairs of them are tried.
 * @param demands of the clash: only changes that touch one of them are thought of
 */
export function offersFor(request: SittingRequest, nowMs: number, demands: readonly string[]): Offer[] {
  const drafts = [
    ...unpinned(request, demands),
    ...request.dishes.flatMap((dish) => dishDrafts(request, dish, demands)),
    ...kitchenDrafts(request, demands),
  ].sort((a, b) => a.cost - b.cost);
  const tried = (changes: Draft[]): Offer[] => {
    const changed = changes.reduce((r, draft) => draft.apply(r), request);
    if (!canBeHad(changed, nowMs)) return [];
    return [
      {
        id: changes.map((c) => c.id).join("+"),
        changes: changes.map((c) => c.facts),
        cost: changes.reduce((sum, c) => sum + c.cost, 0),
        request: changed,
      },
    ];
  };
  const single = drafts.flatMap((draft) => tried([draft]));
  const offers = single.length > 0 ? single : pairsOf(drafts).flatMap(tried);
  return [...offers, ...laterTable(request, nowMs)].sort((a, b) => a.cost - b.cost);
}

function pairsOf(drafts: readonly Draft[]): Draft[][] {
  return drafts
    .flatMap((a, i) => drafts.slice(i + 1).map((b) => [a, b]))
    .filter(([a, b]) => a.dishId === undefined || a.dishId !== b.dishId)
    .sort(([a, b], [c, d]) => a.cost + b.cost - c.cost - d.cost)
    .slice(0, PAIRS_MOST);
}

/** Puts a changed dish in the place of the one of its id. */
const swapped =
  (changed: AskedDish) =>
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

function laterTable(request: SittingRequest, nowMs: number): Offer[] {
  const tableMs = earliestTable(request, nowMs);
  if (tableMs === undefined) return [];
  const byMin = Math.round((tableMs - request.tableMs) / 60_000);
  return [
    {
      id: "later",
      changes: [{ kind: "laterTable", tableMs, byMin }],
      cost: 8 + byMin / 3,
      request: { ...request, tableMs },
    },
  ];
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

function dishDrafts(request: SittingRequest, dish: AskedDish, demands: readonly string[]): Draft[] {
  const drafts = demands.some((d) => d.startsWith("resource:oven")) ? oneHeat(request, dish) : [];
  if (dish.kind === "plain" || dish.doneMs?.go_in !== undefined) return drafts;
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

const draftOf = (
  dish: AskedDish,
  id: string,
  facts: OfferFacts,
  cost: number,
  changed: AskedDish,
): Draft => ({
  id: `${id}:${dish.id}`,
  dishId: dish.id,
  facts,
  cost,
  apply: swapped(changed),
});

const withFormulation = (dish: AskedBatch, part: Partial<AskedBatch["formulation"]>): AskedBatch => ({
  ...dish,
  formulation: { ...dish.formulation, ...part },
});

/** Ready sooner by another meaning of ready, a stronger bath, or salt alone. */
function soakDrafts(dish: AskedBatch): Draft[] {
  const { formulation } = dish;
  const { readiness, preparation } = formulation;
  const drafts: Draft[] = [];
  const offer = (id: string, changed: AskedBatch, cost: number, facts: (hours: number) => OfferFacts) => {
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
  if (preparation.kind !== "wetBrine") return drafts;
  const timed = preparationOffered("timed", preparation.targetFraction);
  if (timed.kind === "wetBrine" && timed.school === "timed") {
    const strong = { ...timed, strength: { basis: "percent" as const, saltFraction: STRONG } };
    offer("strong", withFormulation(dish, { preparation: strong }), 10, (hours) => ({
      kind: "strongBrine",
      dish: dish.name,
      percent: STRONG * 100,
      hours,
    }));
  }
  const dry = {
    preparation: preparationOffered("dry", preparation.targetFraction),
    readiness: "outside" as const,
  };
  offer("dry", withFormulation(dish, dry), 15, (hours) => ({ kind: "dryBrine", dish: dish.name, hours }));
  return drafts;
}

const READY_ORDER = ["even", "seasoned", "outside"];

/** Pulled as soon as it is ready: that is what the change is for. Undefined where it never is. */
function pulledWhenReady(dish: AskedBatch): { dish: AskedBatch; hours: number } | undefined {
  const sheet = formulate(dish.formulation, { rateFactor: dish.rateFactor ?? 1 });
  const ready = sheet.ok ? sheet.value.soak.window.ready.likely : undefined;
  if (ready === undefined) return undefined;
  const hours = Math.max(0.25, Math.ceil(ready * 4) / 4);
  return { dish: withFormulation(dish, { pullH: hours }), hours };
}

/** Baked at a heat another dish wants anyway, for as much longer or shorter as the sums say. */
function oneHeat(request: SittingRequest, dish: AskedDish): Draft[] {
  const own = heatOf(dish);
  if (own === undefined) return [];
  const others = [...new Set(request.dishes.flatMap((d) => (d === dish ? [] : (heatOf(d) ?? []))))];
  return others
    .filter((ovenC) => Math.abs(ovenC - own) > ONE_HEAT_C)
    .flatMap((ovenC) => {
      const made = atHeat(dish, own, ovenC);
      if (!made) return [];
      const facts = { kind: "oneHeat" as const, dish: dish.name, ovenC, byMin: made.byMin };
      return [draftOf(dish, `heat${ovenC}`, facts, 5 + Math.abs(ovenC - own) / 10, made.dish)];
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
  const at = (airC: number) => heatingTime(sheet.value, formulation, cook.toC, airC);
  const [then, now] = [at(fromC), at(toC)];
  // Where the damp face never lets it get there by these sums, it goes about with the air.
  const ratio = then && now ? now / then : (fromC - 20) / (toC - 20);
  const changedMin = Math.max(5, Math.round(minutes * ratio));
  return {
    dish: withFormulation(dish, {
      cook: { ...cook, ovenC: toC, minutes: changedMin, stages: undefined },
      ...(crust && { pullH: changedMin / 60 }),
    }),
    byMin: changedMin - minutes,
  };
}

/** How long a piece takes at a heat, only to be set against another; undefined where it never gets there. */
function heatingTime(
  sheet: Pick<Formulated, "food" | "crust">,
  { pieces }: AskedBatch["formulation"],
  toC: number,
  airC: number,
): number | undefined {
  const halfM = pieces.thicknessMm / 2000;
  const shape = bodyShapeOf(sheet.food);
  // In a crust nothing dries.
  const wetness = sheet.crust ? 0 : 0.1;
  const { times, cores } = dampRoast({ shape, startC: 6, airC, biot: (20 * halfM) / 0.46, wetness }, toC);
  return cores[cores.length - 1] >= toC ? times[times.length - 1] : undefined;
}
