"use client";

import { ClockAlert, CloudOff } from "lucide-react";
import { Link } from "../link";
import { usePathname, useRouter } from "next/navigation";
import { useCallback } from "react";
import { offBy } from "../format";
import { useClockAhead } from "../kitchen-time";
import { useConnected } from "../live/use-live";
import { useOutbox } from "../outbox";
import { Unpushed } from "../unpushed";
import { useKeptSittings } from "../use-kept-sittings";
import { useLasting } from "../use-lasting";
import { useRereadIfOld } from "../use-reread-if-old";
import { useRereadStores } from "../use-reread-stores";
import * as words from "@/words/ui/shell/line-notice";

/** A line that is back at once was not gone, and a tap on its way is not kept. */
const SAID_AFTER_MS = 1500;

/** Says that the kitchen's server cannot be reached, and what is kept here until it can. Nothing otherwise. */
export function LineNotice() {
  const router = useRouter();
  useRereadIfOld();
  useRereadStores();
  // The pages at work show what was tapped by themselves.
  const pathname = usePathname();
  const showsItself = pathname.startsWith("/work");
  const onSent = useCallback(() => {
    if (!showsItself) router.refresh();
  }, [router, showsItself]);
  const { waiting, problem } = useOutbox(onSent);
  const connected = useConnected();
  const sittings = useKeptSittings(/^\/sitting\/([^/]+)/.exec(pathname)?.[1], connected);
  const overtaken = sittings.filter((s) => s.overtaken);
  const entries = waiting.length + sittings.length - overtaken.length;
  const isLost = useLasting(!connected, SAID_AFTER_MS);
  const isKept = useLasting(entries > 0, SAID_AFTER_MS);
  const aheadMs = useClockAhead();
  if (!isLost && !isKept && !problem && aheadMs === 0 && overtaken.length === 0)
    return <Unpushed>{null}</Unpushed>;
  const Icon = isLost || isKept || problem || overtaken.length > 0 ? CloudOff : ClockAlert;
  return (
    <Unpushed>
      <p
        role="status"
        className="flex items-center gap-3 border-b-4 border-warning bg-base-100 px-4 py-2 lg:px-6 print:hidden"
      >
        <Icon size={22} aria-hidden className="shrink-0" />
        <span>
          {isLost && words.noLineToTheKitchens}
          {isKept && words.oneEntryIsKeptHere(entries)}
          {overtaken.map(({ id, body }) => (
            <span key={id}>
              {words.somebodyElseChangedMeanwhile(
                <Link href={`/sitting/${id}`} className="link-in-text">
                  {body.name}
                </Link>,
              )}{" "}
            </span>
          ))}
          {problem}
          {aheadMs !== 0 && sayClock(aheadMs)}
        </span>
      </p>
    </Unpushed>
  );
}

const sayClock = (aheadMs: number): string => words.thisDevicesClockIsAhead(offBy(aheadMs), aheadMs);
