"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import type { BatchDetail } from "@/contracts/views";
import type { WorkView } from "@/contracts/work";
import { FAULT_NAME, type FaultId, type Judged } from "@/core/journal/outcome";
import { described } from "@/core/preparations";
import { ASKED, sayScore, SCORED } from "@/ui/judged";
import { NotYet, orMissing } from "@/ui/or-missing";
import { Eaters } from "./eaters";
import type { Back } from "./refused";
import { Photos } from "./photos";
import { Scores } from "./scores";
import * as words from "@/words/work/judge-panel";

/* Fetched when something went wrong. */
const Causes = dynamic(
  orMissing(async () => (await import("./causes")).Causes),
  { loading: NotYet },
);

const NONE: Judged = { faults: [], words: "" };

interface Props {
  batch: BatchDetail;
  work: WorkView;
  /** Everything tapped here is with the server. */
  sent: boolean;
  /** What was to be kept last and was not taken, with the reason. */
  refused: Back<Judged> | undefined;
  onJudge: (judged: Judged) => void;
}

/** How it was, in under a minute; faults with their likely causes from this batch's own numbers. */
export function JudgePanel({ batch, work, sent, refused, onJudge }: Props) {
  const [judged, setJudged] = useState<Judged>(refused?.value ?? work.judged ?? NONE);
  const [kept, setKept] = useState(work.judged !== null);
  const change = (part: Partial<Judged>) => {
    setJudged({ ...judged, ...part });
    setKept(false);
  };
  const toggle = (fault: FaultId) =>
    change({
      faults: judged.faults.includes(fault)
        ? judged.faults.filter((f) => f !== fault)
        : [...judged.faults, fault],
    });
  return (
    <section aria-label={words.howItWas} className="bg-base-100 p-4">
      <h3 className="text-2xl">{words.howItWas}</h3>
      {SCORED.map((key) => (
        <fieldset
          key={key}
          className="flex flex-wrap items-center justify-between gap-x-3 border-b border-line py-1"
        >
          <legend className="sr-only">{ASKED[key].label}</legend>
          <span className="w-28 text-lg">{ASKED[key].label}</span>
          <span className="flex items-center gap-1">
            <Scores
              label={ASKED[key].label}
              value={judged[key]}
              onChange={(score) => change({ [key]: judged[key] === score ? undefined : score })}
            />
          </span>
          <span className="w-full text-sm sm:w-56" aria-live="polite">
            {judged[key] === undefined ? (
              <span className="text-quiet">
                {ASKED[key].words[0]} … {ASKED[key].words[4]}
              </span>
            ) : (
              <strong>{sayScore(key, judged[key])}</strong>
            )}
          </span>
        </fieldset>
      ))}
      <h4 className="mt-3 text-lg">{words.whatWentWrong}</h4>
      <div className="flex flex-wrap gap-2">
        {described(batch.formulation.preparation).faults.map((fault) => (
          <button
            key={fault}
            type="button"
            className={`btn min-h-11 font-normal ${judged.faults.includes(fault) ? "btn-primary" : ""}`}
            aria-pressed={judged.faults.includes(fault)}
            onClick={() => toggle(fault)}
          >
            {FAULT_NAME[fault]}
          </button>
        ))}
      </div>
      {judged.faults.length > 0 && <Causes batch={batch} work={work} faults={judged.faults} />}
      <Eaters eaters={judged.eaters ?? []} onChange={(eaters) => change({ eaters })} />
      <Photos batchId={batch.id} photos={work.photos} />
      <label className="mt-3 block">
        <span className="text-quiet">{words.inWords}</span>
        <textarea
          className="textarea mt-1 w-full"
          rows={2}
          maxLength={2000}
          value={judged.words}
          onChange={(event) => change({ words: event.target.value })}
        />
      </label>
      <button
        type="button"
        className="btn btn-primary mt-3 min-h-14 text-xl"
        onClick={() => {
          onJudge(judged);
          setKept(true);
        }}
      >
        {words.keepTheJudgement}
      </button>
      {refused && (
        <p role="alert" className="mt-1 text-error">
          {words.notKept(refused.detail)}
        </p>
      )}
      {kept && !refused && (
        <span className="ml-3" role="status">
          {words.saved(sent)}
        </span>
      )}
    </section>
  );
}
