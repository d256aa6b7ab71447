"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { v4 as newId } from "uuid";
import type { Problem } from "@/contracts/requests";
import type { WorkedOut } from "@/core/bench/worked";
import { isBaked } from "@/core/preparations";
import { programOf } from "@/core/program/program";
import { Choice } from "@/ui/choice";
import { FindingCard } from "@/ui/findings";
import { kitchenNow } from "@/ui/kitchen-time";
import { useUnits } from "@/ui/measures";
import { Modal } from "@/ui/modal";
import { send } from "@/ui/send";
import { useKeptTap } from "@/ui/use-kept-tap";
import { WhenField } from "@/ui/when-field";
import * as words from "@/words/bench/start-dialog";

interface Props {
  formulaId: string | null;
  worked: WorkedOut;
  /** A newer answer is on its way: what stands here is not yet what was typed last. */
  late: boolean;
  timeZone: string;
  onStarted: () => void;
  onClose: () => void;
}

const HOUR_MS = 3_600_000;
const MIN_MS = 60_000;
const FIVE_MS = 5 * MIN_MS;

/** To the next five minutes, as a clock on a wall is read. */
const nextFive = (ms: number): number => Math.ceil(ms / FIVE_MS) * FIVE_MS;
const REASON_MIN = 3;

/** Starts a batch at a chosen time. A stop wants a reason, and the reason is kept with the batch. */
export function StartDialog({ formulaId, worked, late, timeZone, onStarted, onClose }: Props) {
  const { input: formulation, sheet, findings } = worked;
  const router = useRouter();
  const program = useMemo(() => programOf(formulation, sheet), [formulation, sheet]);
  // The present when it is opened, not when the page was: and nothing goes in before it is got ready.
  const [offeredMs] = useState(() => nextFive(kitchenNow() + program.readyMin * MIN_MS));
  const [by, setBy] = useState<"goesIn" | "eaten">("goesIn");
  const [goesInMs, setGoesInMs] = useState(offeredMs);
  const [eatenMs, setEatenMs] = useState(offeredMs + program.tableMin * MIN_MS);
  const [unread, setUnread] = useState(false);
  const [reasons, setReasons] = useState<Record<string, string>>({});
  const [problem, setProblem] = useState<Problem | null>(null);
  const [id] = useState(() => newId());

  const stops = findings.filter((f) => f.severity === "stop");
  const saidMs = by === "goesIn" ? goesInMs : eatenMs - program.tableMin * MIN_MS;
  const startAtMs = unread ? undefined : saidMs;
  const open = stops.filter((f) => (reasons[f.id] ?? "").trim().length < REASON_MIN);

  const begin = async () => {
    // What came meanwhile may have a stop of its own.
    if (startAtMs === undefined || open.length > 0) return;
    const acknowledgements = Object.entries(reasons)
      .filter(([, reason]) => reason.trim().length >= REASON_MIN)
      .map(([ruleId, reason]) => ({ ruleId, reason: reason.trim() }));
    const sent = await send<{ id: string }>("POST", "/api/batches", {
      id,
      formulaId,
      formulation,
      startAtMs,
      acknowledgements,
    });
    if (!sent.ok) return setProblem(sent.problem);
    onStarted();
    router.push("/");
    router.refresh();
  };
  const { tap, busy } = useKeptTap(late, begin);

  return (
    <Modal title={words.start(formulation.name)} onClose={onClose}>
      <Choice
        label={words.byWhen}
        value={by}
        options={[
          { value: "goesIn", label: words.whenItGoesIn },
          { value: "eaten", label: words.whenWeEat },
        ]}
        onChange={setBy}
      />
      <WhenField
        key={by}
        label={words.goesInAt(by)}
        atMs={by === "goesIn" ? goesInMs : eatenMs}
        timeZone={timeZone}
        onChange={by === "goesIn" ? setGoesInMs : setEatenMs}
        onValidity={setUnread}
      />
      {startAtMs !== undefined && (
        <dl className="grid grid-cols-[auto_1fr] gap-x-3 py-2">
          <When
            term={words.beginGettingReady}
            atMs={startAtMs - program.readyMin * MIN_MS}
            timeZone={timeZone}
          />
          <When term={words.goesIn} atMs={startAtMs} timeZone={timeZone} />
          <When
            term={words.outOfTheOven(isBaked(formulation))}
            atMs={startAtMs + formulation.pullH * HOUR_MS}
            timeZone={timeZone}
          />
          <When term={words.onTheTable} atMs={startAtMs + program.tableMin * MIN_MS} timeZone={timeZone} />
          <dt className="text-quiet">{words.clockOf}</dt>
          <dd>{timeZone}</dd>
        </dl>
      )}
      <div className="space-y-2">
        {stops.map((finding) => (
          <FindingCard key={finding.id} finding={finding}>
            <label className="block pt-1">
              <span className="font-semibold">{words.goOnAllTheSame}</span>
              <input
                className="input mt-1 w-full"
                value={reasons[finding.id] ?? ""}
                placeholder={words.aReasonKeptWithThe}
                onChange={(event) => setReasons((r) => ({ ...r, [finding.id]: event.target.value }))}
              />
            </label>
          </FindingCard>
        ))}
      </div>
      {problem && (
        <p role="alert" className="mt-3 border-l-4 border-error px-2 py-1">
          <strong>{problem.title}.</strong> {problem.detail}
        </p>
      )}
      <div className="mt-4 flex flex-wrap items-center justify-end gap-2">
        {open.length > 0 && (
          <p className="mr-auto text-sm text-error">{words.oneStopWantsAReason(open.length)}</p>
        )}
        <form method="dialog">
          <button className="btn min-h-11">{words.notYet}</button>
        </form>
        <button
          type="button"
          className="btn btn-primary min-h-11"
          disabled={busy || open.length > 0 || startAtMs === undefined}
          onClick={tap}
        >
          {words.starting(busy)}
        </button>
      </div>
    </Modal>
  );
}

function When({ term, atMs, timeZone }: { term: string; atMs: number; timeZone: string }) {
  const units = useUnits();
  return (
    <>
      <dt className="text-quiet">{term}</dt>
      <dd className="figure font-semibold">{units.dayAndClock(atMs, timeZone)}</dd>
    </>
  );
}
