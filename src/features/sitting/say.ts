import type { PlannedTask } from "@/core/schedule/planned-tasks";
import type { OfferFacts } from "@/core/schedule/drafts";
import type { DemandFacts } from "@/core/schedule/sitting";
import { duration, fixed } from "@/ui/format";
import type { Units } from "@/ui/units";

const hours = (minutes: number) => duration(minutes / 60);

/** A demand of a clash in a cook's words. */
export function sayDemand(facts: DemandFacts): string {
  switch (facts.kind) {
    case "soak":
      return facts.minMin === facts.maxMin
        ? `${facts.dish} takes ${hours(facts.minMin)} in its soak`
        : `${facts.dish} soaks at least ${hours(facts.minMin)}, at most ${hours(facts.maxMin)}`;
    case "table":
      return `${facts.dish} is on the table at the hour`;
    case "quiet":
      return "nobody stirs in the quiet hours";
    case "absence":
      return "nobody is there in an absence";
    case "ice":
      return `${facts.dish} wants its ice looked at every five hours or less`;
    case "pinned":
      return `“${facts.title}” was put where it is`;
    case "resource":
      return sayResource(facts);
    case "other":
      return facts.id;
  }
}

function sayResource({ resource, name, capacity }: Extract<DemandFacts, { kind: "resource" }>): string {
  switch (resource) {
    case "oven":
      return capacity === 0
        ? "there is no oven"
        : `the ${name} has one heat at a time and ${capacity} shelves`;
    case "fridge":
      return `the fridge holds ${fixed(capacity, 0)} litres`;
    case "hands":
      return capacity === 1 ? "there is one cook" : `there are ${capacity} cooks`;
    case "hob":
      return `the hob has ${capacity} rings`;
    case "cooler":
      return capacity === 0 ? "there is no cooler" : `there are ${capacity} coolers`;
    case "tray":
      return `there are ${capacity} trays`;
    case "vessel":
      return `there are ${capacity} pails and dishes`;
  }
}

const MORE = {
  cook: "One more pair of hands",
  oven: "A second oven",
  shelf: "One more shelf in the oven",
  cooler: "One more cooler",
  ring: "One more ring",
  tray: "One more tray",
  vessel: "One more pail or dish",
};

/** An offered change in a cook's words. */
export function sayOffer(
  facts: OfferFacts,
  timeZone: string,
  titleOf: (taskId: string) => string,
  units: Pick<Units, "dayAndClock">,
): string {
  switch (facts.kind) {
    case "laterTable":
      return `Table ${hours(facts.byMin)} later: ${units.dayAndClock(facts.tableMs, timeZone)}`;
    case "getUp":
      return "Somebody gets up in the night";
    case "unpin":
      return `Let “${titleOf(facts.taskId)}” move again`;
    case "readySooner":
      return `${facts.dish}: content with ${facts.readiness === "outside" ? "the outside seasoned" : "the mean seasoned"}, ${duration(facts.hours)}`;
    case "letStretch":
      return `${facts.dish}: let its hours stretch`;
    case "strongBrine":
      return `${facts.dish}: the stronger brine, ${fixed(facts.percent, 0)} %, ${duration(facts.hours)}`;
    case "dryBrine":
      return `${facts.dish}: dry brine instead, ${duration(facts.hours)}, the outside seasoned`;
    case "oneHeat":
      return `${facts.dish} at ${facts.ovenC} °C with the others: ${sayBy(facts.byMin)}`;
    case "cooler":
      return `${facts.dish} in an iced cooler instead of the fridge`;
    case "apart":
      return `${facts.dish} on its own, when it is done; the rest at the hour`;
    case "another":
      return MORE[facts.what];
  }
}

function sayBy(minutes: number): string {
  if (minutes === 0) return "no longer";
  return `${minutes > 0 ? "+" : "−"}${Math.abs(minutes)} min`;
}

/** Shifts smaller than this go without saying, min. */
const TELL_MIN = 2;
const TOLD_MOST = 4;

/** How far acts moved between two plans, by id, min: those that moved by enough to tell. */
export function movedBy(
  before: readonly PlannedTask[],
  after: readonly PlannedTask[],
): ReadonlyMap<string, number> {
  const was = new Map(before.map((t) => [t.id, t.startMs]));
  return new Map(
    after.flatMap(({ id, startMs }) => {
      const byMin = Math.round((startMs - (was.get(id) ?? startMs)) / 60_000);
      return Math.abs(byMin) >= TELL_MIN ? [[id, byMin] as const] : [];
    }),
  );
}

export const sayMovedBy = (byMin: number): string =>
  `${hours(Math.abs(byMin))} ${byMin > 0 ? "later" : "earlier"}`;

/** What moved between two plans: "Take it out 25 min later; nothing else moves". Undefined where nothing did. */
export function sayMoved(before: readonly PlannedTask[], after: readonly PlannedTask[]): string | undefined {
  const was = new Set(before.map((t) => t.id));
  const by = movedBy(before, after);
  const moved = after.flatMap((task) => {
    const byMin = by.get(task.id);
    return byMin === undefined ? [] : [{ title: `${task.dish}: ${task.title}`, byMin }];
  });
  const gone = before.filter((t) => !after.some((a) => a.id === t.id)).length;
  const come = after.filter((t) => !was.has(t.id)).length;
  if (moved.length + gone + come === 0) return undefined;
  const told = moved
    .sort((a, b) => Math.abs(b.byMin) - Math.abs(a.byMin))
    .slice(0, TOLD_MOST)
    .map(({ title, byMin }) => `${title} ${sayMovedBy(byMin)}`);
  const rest = moved.length - told.length;
  return [
    ...told,
    ...(rest > 0 ? [`${rest} more move with it`] : []),
    ...(come > 0 ? [`${come} new`] : []),
    ...(gone > 0 ? [`${gone} done or gone`] : []),
    ...(rest <= 0 && moved.length > 0 ? ["nothing else moves"] : []),
  ].join("; ");
}
