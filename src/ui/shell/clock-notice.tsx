import { offBy } from "../format";

interface Props {
  /** By how much the machine's clock jumped, ms; 0 where it did not. */
  byMs: number;
}

/** The machine that keeps the kitchen had its clock set, or slept: every countdown goes by it. Nothing otherwise. */
export function ClockNotice({ byMs }: Props) {
  if (byMs === 0) return null;
  return (
    <p role="status" className="border-b-4 border-warning bg-base-100 px-4 py-2 lg:px-6 print:hidden">
      <b>
        The kitchen machine’s clock moved {offBy(byMs)} {byMs > 0 ? "on" : "back"}.
      </b>{" "}
      {byMs > 0
        ? "It was set, or the machine slept. Look at what should have been done meanwhile."
        : "It was set. Countdowns go by it now; what was ticked off keeps its hour."}{" "}
      If it is wrong, set the machine’s clock.
    </p>
  );
}
