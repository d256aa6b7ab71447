import { TZDate } from "@date-fns/tz";
import { DEMO_SOAKS } from "./load";
import { startedFor } from "./hours";

const ZONE = "Europe/London";
const HOUR = 3_600_000;

test("at whatever hour the example is loaded, all three are soaking and come out at an hour somebody is up", () => {
  // Over the night the clocks change, too.
  for (const from of [Date.UTC(2026, 10, 27), Date.UTC(2026, 9, 24), Date.UTC(2027, 2, 27)])
    for (let min = 0; min < 48 * 60; min += 20) {
      const nowMs = from + min * 60_000;
      for (const { formulation, outHours } of DEMO_SOAKS) {
        const start = startedFor(nowMs, ZONE, formulation.pullH, outHours);
        const out = start + formulation.pullH * HOUR;
        expect(start).toBeLessThanOrEqual(nowMs - HOUR);
        expect(out).toBeGreaterThan(nowMs);
        expect(outHours).toContain(new TZDate(out, ZONE).getHours());
      }
    }
});
