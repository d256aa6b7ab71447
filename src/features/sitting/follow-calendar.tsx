"use client";

import { useState } from "react";
import { Modal } from "@/ui/modal";
import { OnlyHere } from "@/ui/only-here";
import { send } from "@/ui/send";
import { ToldOnce } from "@/ui/told-once";
import { useOrigin } from "@/ui/use-origin";

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
        Calendar
      </button>
      {open && (
        <Modal title="In a calendar" onClose={() => setOpen(false)}>
          <a className="btn min-h-12" href={`/api/sittings/${sittingId}/calendar`}>
            A file, as the plan is now
          </a>
          <p className="pt-1 text-sm text-quiet">
            Read in again after a change, it moves the acts that are there and strikes out what went.
          </p>
          <button type="button" className="btn mt-4 min-h-12" onClick={() => void make()}>
            An address to follow
          </button>
          <p className="pt-1 text-sm text-quiet">
            Who has the address reads these acts and nothing else, without a passphrase. Take it back in the
            Stores, under Tokens.
          </p>
          <OnlyHere what="The address" />
          {problem && (
            <p role="alert" className="pt-2 text-error">
              {problem}
            </p>
          )}
          {path && <ToldOnce label="The calendar’s address" text={`${origin}${path}`} />}
        </Modal>
      )}
    </>
  );
}
