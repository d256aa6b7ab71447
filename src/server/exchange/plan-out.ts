import ical, { ICalAlarmType, ICalCalendarMethod, ICalEventStatus } from "ical-generator";
import type { SittingBody, SittingView } from "@/contracts/sitting";
import { inAmerican } from "@/core/quantity/american";
import type { MeasureSystem } from "@/core/quantity/spoons";
import type { Calendar } from "@/core/schedule/calendar";
import type { Answer } from "@/core/schedule/answer";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { Refusal } from "../problem";
import type { Decimal } from "./csv/table";
import { actsTable } from "./csv/tables";
import * as words from "@/words/server/exchange/plan-out";

/** The bell rings so long before an act. */
const ALARM_S = 5 * 60;
/** A calendar that follows looks so often. */
const FOLLOWED_EVERY_S = 15 * 60;

export type PlannedSitting = Extract<Answer, { status: "planned" }>;

/** The sitting's plan as it was decided: the same on every paper and in every file. @throws Refusal 422 where there is none */
export function plannedNow({ plan: { answer } }: Pick<SittingView, "plan">): PlannedSitting {
  if (answer.status !== "planned") throw new Refusal(422, words.noPlan, words.thisSittingDoesNotFit);
  return answer;
}

/** Names and ids are whatever a file said, and the library writes these two as they are: no break begins a field of its own. */
const unbroken = (text: string): string => text.replace(/\p{Cc}+/gu, "-");

/**
 * iCalendar (RFC 5545) of the acts that want a hand, with an alarm before each. Instants in UTC: no zone to get wrong. The
 * same act keeps its uid; moved, its sequence rises; gone, it is cancelled: a calendar that has it already follows.
 */
export function calendarOf(
  { id, body }: Pick<SittingView, "id" | "body">,
  acts: Calendar,
  measures: MeasureSystem = "metric",
): string {
  const told = (text: string) => (measures === "us" ? inAmerican(text) : text);
  const calendar = ical({
    name: unbroken(body.name),
    prodId: { company: "iron-crock", product: "sitting" },
    method: ICalCalendarMethod.PUBLISH,
    ttl: FOLLOWED_EVERY_S,
  });
  for (const [actId, act] of Object.entries(acts)) {
    const event = calendar.createEvent({
      id: unbroken(`${id}/${actId}`),
      sequence: act.sequence,
      stamp: new Date(act.changedAtMs),
      lastModified: new Date(act.changedAtMs),
      start: new Date(act.startMs),
      end: new Date(act.endMs),
      summary: told(act.summary),
      description: told(act.description),
      status: act.cancelled ? ICalEventStatus.CANCELLED : ICalEventStatus.CONFIRMED,
    });
    if (!act.cancelled)
      event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_S, description: told(act.summary) });
  }
  return `${calendar.toString().trimEnd()}\r\n`;
}

/** The acts as CSV. */
export const actsCsv = (sitting: SittingView, tasks: readonly PlannedTask[], decimal?: Decimal): string =>
  actsTable(tasks, sitting.timeZone, decimal);

/**
 * The sitting as a file for another kitchen: what is under way here is, there, still to be started; no formula of this
 * kitchen is pointed at.
 */
export function sittingFile({ body, running }: SittingView): string {
  const dishes = body.dishes.flatMap((dish): SittingBody["dishes"] => {
    if (dish.kind === "plain") return [dish];
    if (dish.kind === "formula") return [{ ...dish, formulaId: null }];
    const formulation = running.find((r) => r.id === dish.id)?.formulation;
    return formulation
      ? [{ kind: "formula", id: dish.id, name: dish.name, formulaId: null, formulation }]
      : [];
  });
  return JSON.stringify({ ...body, dishes, pins: [] }, null, 2);
}
