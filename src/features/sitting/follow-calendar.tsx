"use client";

import { useState } from "react";
import { Modal } from "@/ui/modal";
import { OnlyHere } from "@/ui/only-here";
import { send } from "@/ui/send";
import { ToldOnce } from "@/ui/told-once";
import { useOrigin } from "@/ui/use-origin";
import * as words from "@/words/sitting/follow-calendar";

/** The sitting's acts in a calendar: once as a file, or followed at an address that is told once. */
export function FollowCalendar({ sittingId }: { sittingId: string }) {
  const origin = useOrigin();
  const [open, setOpen] = useState(false);
  const [path, setPath] = useState("");
  const [problem, setProblem] = useState("");
  const make = async () => {
    const sent = await send<{ path: string }>("POST", `/api/sittings/${sittingId}/feed`);
    setProblem(sent.ok ? "" : sent.problem.detail);
    if (sent.ok) setPath(sent.value.path);
  };
  return (
    <>
      <button type="button" className="btn min-h-11" onClick={() => setOpen(true)}>
        {words.calendar}
      </button>
      {open && (
        <Modal title={words.inACalendar} onClose={() => setOpen(false)}>
          <a className="btn min-h-12" href={`/api/sittings/${sittingId}/calendar`}>
            {words.aFileAsThePlan}
          </a>
          <p className="pt-1 text-sm text-quiet">{words.readInAgainAfterA}</p>
          <button type="button" className="btn mt-4 min-h-12" onClick={() => void make()}>
            {words.anAddressToFollow}
          </button>
          <p className="pt-1 text-sm text-quiet">{words.whoHasTheAddressReads}</p>
          <OnlyHere what={words.theAddress} />
          {problem && (
            <p role="alert" className="pt-2 text-error">
              {problem}
            </p>
          )}
          {path && <ToldOnce label={words.theCalendarsAddress} text={`${origin}${path}`} />}
        </Modal>
      )}
    </>
  );
}
