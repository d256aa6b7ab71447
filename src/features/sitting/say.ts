import type { PlannedTask } from "@/core/schedule/planned-tasks";
import type { OfferFacts } from "@/core/schedule/drafts";
import type { DemandFacts } from "@/core/schedule/sitting";
import { duration, fixed } from "@/ui/format";
import type { Units } from "@/ui/units";
import * as words from "@/words/sitting/say";

const hours = (minutes: number) => duration(minutes / 60);

/** A demand of a clash in a cook's words. */
export function sayDemand(facts: DemandFacts): string {
  switch (facts.kind) {
    case "soak":
      return facts.minMin === facts.maxMin
        ? words.takesInItsSoak(facts.dish, hours(facts.minMin))
        : words.soaksAtLeastAtMost({
            dish: facts.dish,
            minMin: hours(facts.minMin),
            maxMin: hours(facts.maxMin),
          });
    case "table":
      return words.isOnTheTableAt(facts.dish);
    case "quiet":
      return words.nobodyStirsInTheQuiet;
    case "absence":
      return words.nobodyIsThereInAn;
    case "ice":
      return words.wantsItsIceLookedAt(facts.dish);
    case "pinned":
      return words.wasPutWhereItIs(facts.title);
    case "resource":
      return sayResource(facts);
    case "other":
      return facts.id;
  }
}

function sayResource({ resource, name, capacity }: Extract<DemandFacts, { kind: "resource" }>): string {
  switch (resource) {
    case "oven":
      return words.thereIsNoOven(capacity, name);
    case "fridge":
      return words.theFridgeHoldsLitres(fixed(capacity, 0));
    case "hands":
      return words.thereIsOneCook(capacity);
    case "hob":
      return words.theHobHasRings(capacity);
    case "cooler":
      return words.thereIsNoCooler(capacity);
    case "tray":
      return words.thereAreTrays(capacity);
    case "vessel":
      return words.thereArePailsAndDishes(capacity);
  }
}

const MORE = words.more;

/** An offered change in a cook's words. */
export function sayOffer(
  facts: OfferFacts,
  timeZone: string,
  titleOf: (taskId: string) => string,
  units: Pick<Units, "dayAndClock">,
): string {
  switch (facts.kind) {
    case "laterTable":
      return words.tableLater(hours(facts.byMin), units.dayAndClock(facts.tableMs, timeZone));
    case "getUp":
      return words.somebodyGetsUpInThe;
    case "unpin":
      return words.letMoveAgain(titleOf(facts.taskId));
    case "readySooner":
      return words.contentWithTheOutsideSeasoned({
        dish: facts.dish,
        readiness: facts.readiness,
        hours: duration(facts.hours),
      });
    case "letStretch":
      return words.letItsHoursStretch(facts.dish);
    case "strongBrine":
      return words.theStrongerBrine({
        dish: facts.dish,
        percent: fixed(facts.percent, 0),
        hours: duration(facts.hours),
      });
    case "dryBrine":
      return words.dryBrineInsteadTheOutside(facts.dish, duration(facts.hours));
    case "oneHeat":
      return words.atCWithTheOthers({ dish: facts.dish, ovenC: facts.ovenC, byMin: sayBy(facts.byMin) });
    case "cooler":
      return words.inAnIcedCoolerInstead(facts.dish);
    case "apart":
      return words.onItsOwnWhenIt(facts.dish);
    case "another":
      return MORE[facts.what];
  }
}

function sayBy(minutes: number): string {
  if (minutes === 0) return words.noLonger;
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

export const sayMovedBy = (byMin: number): string => words.movedBy(hours(Math.abs(byMin)), byMin > 0);

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
    ...(rest > 0 ? [words.moreMoveWithIt(rest)] : []),
    ...(come > 0 ? [words.newActs(come)] : []),
    ...(gone > 0 ? [words.doneOrGone(gone)] : []),
    ...(rest <= 0 && moved.length > 0 ? [words.nothingElseMoves] : []),
  ].join("; ");
}
