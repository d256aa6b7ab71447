import { TZDate } from "@date-fns/tz";
import { format } from "date-fns";
import fc from "fast-check";
import { CHANNELS, isReading, sampleSchema } from "@/contracts/work";
import { localTimes, utcTimes } from "./tables";

const instants = fc.integer({ min: Date.UTC(2020, 0, 1), max: Date.UTC(2100, 0, 1) });
const zones = fc.constantFrom(
  "Europe/London",
  "America/St_Johns",
  "Asia/Kathmandu",
  "Australia/Lord_Howe",
  "UTC",
);

test("a clock's time, of many in any order, is what a clock of that zone shows", () =>
  fc.assert(
    fc.property(zones, fc.array(instants, { minLength: 1, maxLength: 20 }), (zone, times) => {
      const [local, utc] = [localTimes(zone), utcTimes()];
      for (const ms of times) {
        expect(local(ms)).toBe(format(new TZDate(ms, zone), "yyyy-MM-dd HH:mm:ss"));
        expect(utc(ms)).toBe(new Date(ms).toISOString());
      }
    }),
  ));

test("a reading is one by the quick question when it is one by its contract", () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...CHANNELS, "oven", "__proto__"),
      fc.oneof(instants, fc.double(), fc.constantFrom(Date.UTC(2020, 0, 1) - 1, Date.UTC(2100, 0, 1) + 1)),
      fc.oneof(fc.double(), fc.constantFrom(-40, -41, 0, -1, 40, 41, 60, 61, 300, 301, -1000, 500_000)),
      (channel, atMs, value) =>
        expect(isReading({ channel, atMs, value })).toBe(
          sampleSchema.safeParse({ channel, atMs, value }).success,
        ),
    ),
    { numRuns: 2000 },
  ));
