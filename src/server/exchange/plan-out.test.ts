import ICAL from "ical.js";
import Papa from "papaparse";
import { demoSittings } from "../demo/sittings";
import { PORK_LOIN } from "../demo/brines";
import { openDatabase } from "../database";
import { createSitting, loadSitting, saveSitting } from "../sittings";
import { sittingBody } from "@/contracts/sitting";
import { actsCsv, calendarOf, plannedNow, sittingFile } from "./plan-out";

const NOW = Date.UTC(2026, 9, 23, 9);

function saturday(name = "Saturday at the lock") {
  const db = openDatabase(":memory:");
  const loin = { formulaId: "loin", formulation: PORK_LOIN };
  const [body] = demoSittings(NOW, "Europe/London", [loin], []);
  const { id } = createSitting(db, { ...body, name }, NOW);
  return { db, id, sitting: loadSitting(db, id, NOW) };
}

test("the calendar reads back: every hands-on act at its instant, over the night the clocks change, with an alarm", () => {
  const { db, id, sitting } = saturday();
  // The table is on the Sunday after the change; the loin goes in before it.
  const body = { ...sitting.body, tableMs: Date.UTC(2026, 9, 25, 18) };
  saveSitting(db, id, { body, baseRevision: 1 }, NOW);
  const later = loadSitting(db, id, NOW);
  const { tasks } = plannedNow(later);
  const read = new ICAL.Component(ICAL.parse(calendarOf(later, tasks)) as never);
  const events = read.getAllSubcomponents("vevent").map((c) => new ICAL.Event(c));
  const wanted = tasks.filter((t) => t.handsOn);
  expect(events).toHaveLength(wanted.length);
  for (const task of wanted) {
    const event = events.find((e) => e.uid === `${later.id}/${task.id}`);
    expect(event?.startDate.toJSDate().getTime()).toBe(task.startMs);
    expect(event?.endDate.toJSDate().getTime()).toBe(task.startMs + Math.max(1, task.handsMin) * 60_000);
    expect(event?.summary).toBe(`${task.dish}: ${task.title}`);
    expect(event?.component.getFirstSubcomponent("valarm")).not.toBeNull();
  }
  const soak = tasks.find((t) => t.id.endsWith("/soak"));
  expect(soak && soak.endMs - soak.startMs).toBeGreaterThan(20 * 3_600_000);
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
