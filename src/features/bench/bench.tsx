"use client";

import dynamic from "next/dynamic";
import { Link } from "@/ui/link";
import { Suspense, useCallback, useMemo, useState } from "react";
import type { FormulaView, KitchenView } from "@/contracts/views";
import type { WorkedOut } from "@/core/bench/worked";
import { withOwn } from "@/core/formula/offer/with-own";
import { NAME_MAX } from "@/core/quantity/ranges";
import type { Formulation } from "@/core/formulation";
import { choiceOf, isBaked } from "@/core/preparations";
import { withWay } from "@/core/ways/take";
import { orMissing } from "@/ui/or-missing";
import { PantryProvider } from "@/ui/pantry";
import { sayFormulationError } from "@/ui/say";
import { Shell } from "@/ui/shell/shell";
import { useWorked } from "@/ui/worked/use-worked";
import { ColumnTabs, onlyOn, type Column } from "./column-tabs";
import { Groups } from "./groups/groups";
import type { LineBases } from "./panels/line-row";
import type { PanelProps } from "./panels/panel";
import { SaveControl } from "./save-control";
import { Sentence } from "./sentence/sentence";
import { Three } from "./three/three";
import { useThird } from "./three/use-third";
import { UndoButtons } from "./undo-buttons";
import { useAskedFor } from "./use-asked-for";
import { useDraft } from "./use-draft";
import { useTimes } from "./use-times";
import { WaysPanel } from "./ways/ways-panel";
import { WorkedColumns } from "./worked-columns";
import * as words from "@/words/bench/bench";

/* Loaded when they are opened: what is not asked for is not waited for. */
const StartDialog = dynamic(
  orMissing(async () => (await import("./start-dialog")).StartDialog),
  { ssr: false },
);

interface Props {
  kitchen: KitchenView;
  formula: FormulaView | null;
  fresh: Formulation;
  nowMs: number;
}

/** Formulate: food and method at the left, section and rail in the middle, the weigh-out sheet at the right. */
export function Bench(props: Props) {
  const { bench, savedAs } = useAskedFor();
  return (
    <PantryProvider kitchen={props.kitchen}>
      {/* As the server sent it, until the sums it was sent with are worked out here too. */}
      <Suspense fallback={null}>
        <BenchAtWork key={bench} {...props} savedAs={savedAs} />
      </Suspense>
    </PantryProvider>
  );
}

function BenchAtWork({ kitchen, formula, fresh, nowMs, savedAs }: Props & { savedAs: (id: string) => void }) {
  const { draft, waiting, change, step, anew, setOther, swap, markSaved, rebase, clear, changed, past } =
    useDraft({
      formulation: formula?.formulation ?? fresh,
      formulaId: formula?.id ?? null,
      baseVersion: formula?.version ?? null,
      saved: formula?.formulation ?? null,
    });
  // What the kitchen measured of its own goes with the formula wherever it goes.
  const formulation = useMemo(
    () => withOwn(draft.formulation, kitchen.own, kitchen.learned.heat),
    [draft.formulation, kitchen.own, kitchen.learned.heat],
  );
  const that = useMemo(
    () => (draft.other ? withOwn(draft.other, kitchen.own, kitchen.learned.heat) : null),
    [draft.other, kitchen.own, kitchen.learned.heat],
  );
  const rate = kitchen.rates[formulation.foodId];
  const third = useThird(formulation, change, rate?.factor ?? 1);
  const { answer: worked, late: behind } = useWorked(third.seen, rate, kitchen.limits);
  const late = behind || third.seen !== formulation;
  const refusal = worked.ok ? undefined : sayFormulationError(worked.error);
  const times = useTimes(formulation, (pullH) => void third.set("hours", (f) => ({ ...f, pullH })), nowMs);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const [column, setColumn] = useState<Column>("food");
  const [starting, setStarting] = useState(false);

  const onValidity = useCallback(
    (label: string, problem: string | null) =>
      setProblems((all) => {
        if (problem === (all[label] ?? null)) return all;
        const next = { ...all };
        if (problem === null) delete next[label];
        else next[label] = problem;
        return next;
      }),
    [],
  );

  const isAsOffered = useMemo(
    () => JSON.stringify(draft.formulation) === JSON.stringify(fresh),
    [draft.formulation, fresh],
  );
  const unread = useMemo(() => Object.keys(problems), [problems]);
  const named = formulation.name.trim() !== "";
  const blocked = unread.length > 0 || !worked.ok || !named;
  const panel: PanelProps = {
    value: formulation,
    change,
    onValidity,
    refusalFor: (field) => (refusal?.field === field ? refusal.text : undefined),
  };

  const onSaved = (formulaId: string, version: number) => {
    markSaved(formulaId, version);
    savedAs(formulaId);
  };

  const bases = worked.ok ? basesOf(worked) : undefined;

  const query = draft.formulaId ? `?formula=${draft.formulaId}&version=${draft.baseVersion}` : "";
  return (
    <Shell
      title={words.bench}
      waiting={waiting}
      head={
        <>
          <p className="flex flex-wrap items-baseline gap-x-2 text-sm text-quiet">
            <input
              aria-label={words.nameOfTheFormula}
              aria-invalid={!named}
              className="entry-in-place min-h-0 border-b border-line text-base-content"
              maxLength={NAME_MAX}
              value={formulation.name}
              onChange={(event) => change((f) => ({ ...f, name: event.target.value }))}
            />
            <span role="status">{sayState(draft.baseVersion, changed)}</span>
            {/* A saved one stays by its address, and the station opens a new one. */}
            {draft.formulaId === null && (
              <button
                type="button"
                className={`link-in-text -my-3 ${isAsOffered ? "invisible" : ""}`}
                onClick={() => {
                  anew(fresh);
                  times.forget();
                }}
              >
                {words.beginAnew}
              </button>
            )}
            {!named && <span className="text-error">{words.aFormulaNeedsAName}</span>}
          </p>
          <Sentence {...panel} times={times} timeZone={kitchen.timeZone} baked={isBaked(formulation)} />
        </>
      }
      actions={
        <>
          <UndoButtons {...past} />
          <Link className={`btn min-h-11 ${worked.ok ? "" : "btn-disabled"}`} href={`/print/draft${query}`}>
            {words.printSheet}
          </Link>
          <SaveControl
            draft={{ ...draft, formulation }}
            changed={changed}
            blocked={blocked}
            onSaved={onSaved}
            onMerged={(both, theirs) => rebase(both, theirs.version, theirs.formulation)}
          />
          <button
            type="button"
            className="btn btn-primary hidden min-h-11 lg:inline-flex"
            disabled={blocked}
            onClick={() => setStarting(true)}
          >
            {words.startThisBatch}
          </button>
        </>
      }
    >
      <ColumnTabs shown={column} onShow={setColumn} />
      <div className="grid grid-cols-[minmax(0,1fr)] pb-16 lg:h-full lg:pb-0 lg:grid-cols-[22.5rem_minmax(0,1fr)_20rem]">
        <div
          className={`relative border-line p-4 lg:block lg:overflow-y-auto lg:border-r ${onlyOn("food", column)}`}
        >
          <Three
            value={formulation}
            sheet={worked.ok ? worked.sheet : undefined}
            third={third}
            onValidity={onValidity}
          />
          <WaysPanel
            input={formulation}
            chosen={choiceOf(formulation.preparation)}
            rate={rate ?? TABLE_RATE}
            times={times}
            timeZone={kitchen.timeZone}
            onTake={(way) => {
              times.hold(way.hours);
              step((f) => withWay(f, way));
            }}
          />
          <Groups panel={panel} worked={worked.ok ? worked : undefined} cook={worked.cook} bases={bases} />
        </div>
        {worked.ok ? (
          <WorkedColumns
            kitchen={kitchen}
            worked={worked}
            late={late}
            pullH={formulation.pullH}
            that={that}
            onThat={setOther}
            onSwap={swap}
            rate={rate}
            startAtMs={times.inAtMs}
            change={change}
            unread={unread}
            shown={column}
          />
        ) : (
          <div className="p-6 lg:col-span-2">
            <h2 className="text-2xl">{words.cannotBeWorkedOutYet}</h2>
            <p className="mt-2 max-w-prose" role="alert">
              {refusal?.text}
            </p>
            <p className="mt-2 max-w-prose text-quiet">{words.everythingYouEnteredIsKept}</p>
          </div>
        )}
      </div>
      <div className="fixed inset-x-0 bottom-16 z-20 flex gap-2 border-t border-line bg-base-200 p-2 lg:hidden">
        {column !== "sheet" && (
          <button type="button" className="btn min-h-12 flex-1" onClick={() => setColumn("sheet")}>
            {words.weighOut}
          </button>
        )}
        <button
          type="button"
          className="btn btn-primary min-h-12 flex-[1.4]"
          disabled={blocked}
          onClick={() => setStarting(true)}
        >
          {words.startThisBatch}
        </button>
      </div>
      {worked.ok && starting && (
        <StartDialog
          formulaId={draft.formulaId}
          worked={worked}
          late={late}
          timeZone={kitchen.timeZone}
          onStarted={clear}
          onClose={() => setStarting(false)}
        />
      )}
    </Shell>
  );
}

const TABLE_RATE = { factor: 1 };

/** What lines grow with in this batch: for entering an amount by what goes in rather than by the kilogram. */
function basesOf({ input, sheet }: WorkedOut): LineBases {
  return {
    foodG: sheet.foodG,
    surfaceDm2: sheet.surfaceDm2,
    liquidMl: sheet.mix?.volumeMl ?? sheet.waterG,
    saltG: sheet.naclG / sheet.salt.naclFraction,
    pieces: input.pieces.count,
  };
}

function sayState(version: number | null, changed: boolean): string {
  if (version === null) return words.notSavedYet;
  return words.versionChangesNotSaved(version, changed);
}
