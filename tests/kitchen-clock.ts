import { TZDate } from "@date-fns/tz";
import { addDays, format } from "date-fns";

/** Where the example kitchen stands. */
export const ZONE = "Europe/London";

/** So many hours from now by the kitchen's clock, as a date-and-time field has it. */
export const hoursOn = (hours: number): string =>
  format(new TZDate(Date.now() + hours * 3_600_000, ZONE), "yyyy-MM-dd'T'HH:mm");

/** An hour of the kitchen's day so many days on, as a date-and-time field has it. */
export const daysOn = (days: number, clock: string): string =>
  `${format(addDays(TZDate.tz(ZONE), days), "yyyy-MM-dd")}T${clock}`;
