import { TZDate } from "@date-fns/tz";
import { openDatabase } from "../database";
import { listSittings, loadSitting } from "../sittings";
import { comingSaturdays, startedForDay } from "./hours";
import { DEMO_SOAKS, loadDemoKitchen } from "./load";

const ZONE = "Europe/London";
const HOUR = 3_600_000;
/** A Saturday, 09:59 in the kitchen; the table is the same day's until ten. */
const SATURDAY = Date.UTC(2026, 10, 28, 9, 59);

test("the coming Saturday is a Saturday at six, at most a week on, whatever the day; the clocks may change before it", () => {
  for (const from of [SATURDAY, Date.UTC(2026, 9, 23, 9), Date.UTC(2027, 2, 26, 9)])
    for (let h = 0; h < 7 * 24; h++) {
      const nowMs = from + h * HOUR;
      const { tableMs, afterMs } = comingSaturdays(nowMs, ZONE);
      for (const ms of [tableMs, afterMs]) {
        const at = new TZDate(ms, ZONE);
        expect([at.getDay(), at.getHours(), at.getMinutes()]).toEqual([6, 18, 0]);
      }
      expect(tableMs - nowMs).toBeGreaterThanOrEqual(8 * HOUR);
      expect(tableMs - nowMs).toBeLessThanOrEqual((7 * 24 + 9) * HOUR);
      expect(Math.round((afterMs - tableMs) / (24 * HOUR))).toBe(7);
    }
  const day = (ms: number) => new TZDate(comingSaturdays(ms, ZONE).tableMs, ZONE).getDate();
  expect(day(SATURDAY)).toBe(28);
  expect(day(SATURDAY + 60_000)).toBe(5);
});

test("what soaks for a table comes out on its day, and is in already", () => {
  const { tableMs } = comingSaturdays(SATURDAY - 24 * HOUR, ZONE);
  const [loin, duck] = DEMO_SOAKS.map(({ formulation, saturdayHours }) => ({
    soakH: formulation.pullH,
    outHours: saturdayHours,
  }));
  const started = (soak: typeof loin, nowMs: number) => startedForDay(tableMs, nowMs, ZONE, soak);
  const friday = SATURDAY - 24 * HOUR;
  expect(started(loin, friday)).toBe(Date.UTC(2026, 10, 28, 11, 30) - loin.soakH * HOUR);
  // A day before, it would go in only in an hour and a half.
  expect(started(duck, friday)).toBeUndefined();
  expect(started(loin, SATURDAY - 60 * HOUR)).toBeUndefined();
});

test("on the Friday before, tomorrow's table has in it what is soaking for it, and fits; the harvest is a week on", () => {
  const db = openDatabase(":memory:");
  const nowMs = Date.UTC(2026, 11, 4, 15, 17);
  loadDemoKitchen(db, nowMs);
  const sittings = listSittings(db).map(({ id }) => loadSitting(db, id, nowMs));
  const [lock, harvest] = ["Saturday at the lock", "Harvest supper"].map((name) =>
    sittings.find((s) => s.body.name === name),
  );
  expect(lock?.body.tableMs).toBe(Date.UTC(2026, 11, 5, 18));
  expect(lock?.body.dishes.map((d) => d.kind)).toEqual(["running", "running", "plain"]);
  expect(lock?.plan.answer.status).toBe("planned");
  expect(harvest?.body.tableMs).toBe(Date.UTC(2026, 11, 12, 18));
  expect(harvest?.plan.answer.status).toBe("clash");
});
