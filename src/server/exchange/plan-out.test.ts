import { saveSitting } from "../saved-sitting.fixture";
import ICAL from "ical.js";
import Papa from "papaparse";
import { comingSaturdays } from "../demo/hours";
import { demoSittings } from "../demo/sittings";
import { PORK_LOIN } from "../demo/brines";
import { openDatabase, type WholeDb } from "../database";
import { createSitting, loadSitting } from "../sittings";
import { calendarOfPlan } from "../plans";
import { sittingBody, type SittingView } from "@/contracts/sitting";
import { actsCsv, calendarOf, plannedNow, sittingFile } from "./plan-out";

const NOW = Date.UTC(2026, 9, 23, 9);

function saturday(name = "Saturday at the lock") {
  const db = openDatabase(":memory:");
  const loin = { formulaId: "loin", formulation: PORK_LOIN };
  const { afterMs } = comingSaturdays(NOW, "Europe/London");
  const [body] = demoSittings(NOW, { tableMs: afterMs, afterMs }, [loin], []);
  const { id } = createSitting(db, { ...body, name }, NOW);
  return { db, id, sitting: loadSitting(db, id, NOW) };
}

const minute = (ms: number) => Math.round(ms / 60_000) * 60_000;
const textOf = (db: WholeDb, sitting: SittingView, nowMs = NOW) =>
  calendarOf(sitting, calendarOfPlan(db, sitting, nowMs));
function eventsIn(text: string): Map<string, InstanceType<typeof ICAL.Event>> {
  const read = new ICAL.Component(ICAL.parse(text) as never);
  return new Map(
    read
      .getAllSubcomponents("vevent")
      .map((c) => [c.getFirstPropertyValue("uid") as string, new ICAL.Event(c)]),
  );
}

test("the calendar reads back: every hands-on act at its minute, preheats too, over the night the clocks change, with an alarm", () => {
  const { db, id, sitting } = saturday();
  // The table is on the Sunday after the change; the loin goes in before it.
  const body = { ...sitting.body, tableMs: Date.UTC(2026, 9, 25, 18) };
  saveSitting(db, id, { body, baseRevision: 1 }, NOW);
  const later = loadSitting(db, id, NOW);
  const { tasks } = plannedNow(later);
  const text = textOf(db, later);
  expect(text.endsWith("END:VCALENDAR\r\n")).toBe(true);
  expect(text).toContain("METHOD:PUBLISH");
  const events = eventsIn(text);
  const wanted = tasks.filter((t) => t.handsOn);
  expect(wanted.some((t) => t.kind === "preheat")).toBe(true);
  for (const task of wanted) {
    const event = events.get(`${later.id}/${task.id}`);
    const startMs = minute(task.startMs);
    expect(event?.startDate.toJSDate().getTime()).toBe(startMs);
    expect(event?.endDate.toJSDate().getTime()).toBe(
      startMs + Math.max(1, Math.round(task.handsMin)) * 60_000,
    );
    expect(event?.summary).toBe(`${task.dish}: ${task.title}`);
    expect(event?.component.getFirstSubcomponent("valarm")).not.toBeNull();
  }
  const soak = tasks.find((t) => t.id.endsWith("/soak"));
  expect(soak && soak.endMs - soak.startMs).toBeGreaterThan(20 * 3_600_000);
});

test("read in twice across a change, a calendar follows: moved acts rise in sequence, those of a dish that went are cancelled", () => {
  const { db, id, sitting } = saturday();
  const before = eventsIn(textOf(db, sitting));
  const [gone, ...dishes] = sitting.body.dishes;
  const body = { ...sitting.body, tableMs: sitting.body.tableMs + 45 * 60_000, dishes };
  const changed = saveSitting(db, id, { body, baseRevision: 1 }, NOW + 60_000);
  const after = eventsIn(textOf(db, changed, NOW + 60_000));
  // What a calendar does (RFC 5546, 2.1.5): of two of one uid the higher sequence holds.
  const held = new Map(before);
  for (const [uid, event] of after) {
    const had = before.get(uid);
    const isNewer = !had || event.sequence > had.sequence;
    const same = had?.startDate.toJSDate().getTime() === event.startDate.toJSDate().getTime();
    // Nothing changes without rising.
    if (!isNewer) expect([uid, same]).toEqual([uid, true]);
    else held.set(uid, event);
  }
  const statusOf = (event: InstanceType<typeof ICAL.Event>) =>
    event.component.getFirstPropertyValue("status");
  const standing = [...held].filter(([, e]) => statusOf(e) !== "CANCELLED");
  const wanted = plannedNow(changed).tasks.filter((t) => t.handsOn);
  expect(new Map(standing.map(([uid, e]) => [uid, e.startDate.toJSDate().getTime()]))).toEqual(
    new Map(wanted.map((t) => [`${id}/${t.id}`, minute(t.startMs)])),
  );
  expect([...held].some(([uid, e]) => uid.includes(`/${gone.id}/`) && statusOf(e) === "CANCELLED")).toBe(
    true,
  );
  // Asked again, nothing rises.
  expect(textOf(db, loadSitting(db, id, NOW + 120_000))).toBe(textOf(db, changed));
});

test("no name or id becomes a field of its own", () => {
  const { db, id, sitting } = saturday();
  const evil = "x\r\nATTENDEE:mailto:a@b.c";
  const dishes = sitting.body.dishes.map((d, i) => (i === 0 ? { ...d, id: evil, name: evil } : d));
  const named = saveSitting(db, id, { body: { ...sitting.body, name: evil, dishes }, baseRevision: 1 }, NOW);
  const text = textOf(db, named);
  expect(text).not.toMatch(/^ATTENDEE/m);
  for (const [, event] of eventsIn(text)) expect(event.component.getFirstProperty("attendee")).toBeNull();
});

test("the acts as CSV read back; a name that a table program would run is plain text", () => {
  const { db, id, sitting } = saturday();
  const dishes = sitting.body.dishes.map((d) => ({ ...d, name: '=SUM(1,2)"' }));
  const named = saveSitting(db, id, { body: { ...sitting.body, dishes }, baseRevision: 1 }, NOW);
  const { tasks } = plannedNow(named);
  const { data } = Papa.parse<Record<string, string>>(actsCsv(named, tasks), { header: true });
  expect(data).toHaveLength(tasks.length);
  expect(data[0].dish).toBe("'=SUM(1,2)\"");
  expect(new Date(data[0].start_utc).getTime()).toBe(tasks[0].startMs);
});

test("a sitting that does not fit has no calendar, and says so", () => {
  const { db, id, sitting } = saturday();
  const soon = { ...sitting.body, tableMs: NOW + 3_600_000 };
  const past = saveSitting(db, id, { body: soon, baseRevision: 1 }, NOW);
  expect(() => plannedNow(past)).toThrow("does not fit");
});

test("two devices: the second save is told, and nothing is written", () => {
  const { db, id, sitting } = saturday();
  saveSitting(db, id, { body: { ...sitting.body, name: "First" }, baseRevision: 1 }, NOW);
  expect(() =>
    saveSitting(db, id, { body: { ...sitting.body, name: "Second" }, baseRevision: 1 }, NOW),
  ).toThrow("Somebody changed this sitting");
  expect(loadSitting(db, id, NOW)).toMatchObject({ revision: 2, body: { name: "First" } });
});

test("as a file and back: the same table, dishes and kitchen, pointing at no formula of this one", () => {
  const { sitting } = saturday();
  const read = sittingBody.parse(JSON.parse(sittingFile(sitting)));
  const told = sitting.body.dishes.map((d) => (d.kind === "formula" ? { ...d, formulaId: null } : d));
  expect(read).toEqual({ ...sitting.body, dishes: told });
});
