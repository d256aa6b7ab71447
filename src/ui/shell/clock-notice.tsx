import { offBy } from "../format";
import * as words from "@/words/ui/shell/clock-notice";

interface Props {
  /** By how much the machine's clock jumped, ms; 0 where it did not. */
  byMs: number;
}

/** The machine that keeps the kitchen had its clock set, or slept: every countdown goes by it. Nothing otherwise. */
export function ClockNotice({ byMs }: Props) {
  if (byMs === 0) return null;
  return (
    <p role="status" className="border-b-4 border-warning bg-base-100 px-4 py-2 lg:px-6 print:hidden">
      <b>{words.theClockMoved(offBy(byMs), byMs > 0)}</b> {words.whatToDo(byMs > 0)}
    </p>
  );
}
