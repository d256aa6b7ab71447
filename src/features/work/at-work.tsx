"use client";

import dynamic from "next/dynamic";
import { Link } from "@/ui/link";
import { useCallback, useMemo, useState } from "react";
import type { AtWorkView } from "@/contracts/at-work";
import type { PlacedStep } from "@/core/program/at-work";
import { batchTime } from "@/core/program/batch-clock";
import { batchNote } from "@/ui/batch-words";
import { doneAt, kitchenNow } from "@/ui/kitchen-time";
import { NotYet, orMissing } from "@/ui/or-missing";
import { batchOf } from "@/ui/outbox-queue";
import { Shell } from "@/ui/shell/shell";
import { useUnits } from "@/ui/measures";
import { Unpushed } from "@/ui/unpushed";
import { useNow } from "@/ui/use-now";
import { Alarms } from "./alarms";
import { batchAtWork, byUrgency, onCard, openActs, plainAtWork, type DishAtWork } from "./dish-at-work";
import { DishCard } from "./dish-card";
import { DishPanels } from "./dish-panels";
import { HandsFree } from "./hands-free";
import { Notices } from "./notices";
import { RehearsalNote } from "./rehearsal-note";
import { Strip } from "./strip";
import { SetAside, ThenList } from "./then-list";
import { useKitchenWork } from "./use-kitchen-work";
import * as words from "@/words/work/at-work";

/* Fetched when a dish stands at work. */
const Instruments = dynamic(
  orMissing(async () => (await import("./instruments")).Instruments),
  { loading: NotYet },
);

const TICK_MS = 500;
const SNOOZE_MS = 5 * 60_000;
/** Matters so much that it stands above whatever the cook looks at: food that must come out, a probe that is silent or slipped. */
const PRESSING = 1;

/** Everything at work on one page: what matters most now, large; then the acts of all dishes by time. */
export function AtWork({
  kitchen,
  batches,
  derived,
  works: first,
  sittings: firstSittings,
  focusId,
  rehearsalId,
  nowMs: serverNowMs,
}: AtWorkView) {
  const { works, sittings, waiting, refused, putAway, act, tickPlain } = useKitchenWork(
    first,
    firstSittings,
    rehearsalId,
  );
  const wallMs = useNow(serverNowMs, TICK_MS);
  const units = useUnits();
  const [focus, setFocus] = useState<string | null>(focusId);
  const [shown, setShown] = useState<{ key: string; id: string } | null>(null);
  const [snoozed, setSnoozed] = useState<Record<string, number>>({});
  const [probeSetMs, setProbeSetMs] = useState<Record<string, number>>({});
  const worked = useMemo(
    () =>
      batches.flatMap((batch) => {
        const there = derived[batch.id];
        return there ? [{ batch, ...there }] : [];
      }),
    [batches, derived],
  );
  const dishes = useMemo(() => {
    const told = { sittings, probeSetMs, wallMs };
    const ofBatches = worked.flatMap((w) => {
      const work = works[w.batch.id];
      return work ? [batchAtWork(w, work, told)] : [];
    });
    return byUrgency([...ofBatches, ...sittings.flatMap((s) => plainAtWork(s, told, kitchen.timeZone))]);
  }, [worked, works, sittings, probeSetMs, wallMs, kitchen.timeZone]);

  const chosen = dishes.find((d) => d.key === focus) ?? dishes[0];
  const pressing = dishes.filter((d) => d.urgency <= PRESSING && d.key !== chosen?.key);

  const put = useCallback(
    (dish: DishAtWork, step: PlacedStep, how: { byTimer?: true; notDone?: true; atMs?: number } = {}) => {
      // The clock on the page goes by half seconds: two taps within one are still one after the other.
      const atMs = Math.round(how.atMs ?? batchTime(dish.clock, kitchenNow()));
      if (dish.plain) return tickPlain(dish.plain.sittingId, dish.plain.dishId, step.id, atMs);
      const flags = { ...(how.byTimer && { byTimer: true }), ...(how.notDone && { notDone: true }) };
      act(dish.key, { method: "PUT", path: `acts/${step.id}`, body: { ...doneAt(atMs), ...flags } });
      setShown(null);
    },
    [act, tickPlain],
  );
  const undo = (dish: DishAtWork, id: string) => {
    if (dish.plain) return;
    act(dish.key, { method: "DELETE", path: `acts/${id}` });
    setShown({ key: dish.key, id });
  };
  const onOver = useCallback(
    (dish: DishAtWork, id: string) => {
      const step = dish.at.steps.find((s) => s.id === id);
      if (step) put(dish, step, { byTimer: true });
    },
    [put],
  );

  const card = (dish: DishAtWork) => {
    const key = shown?.key === dish.key ? shown.id : undefined;
    return (
      <DishCard
        key={dish.key}
        dish={dish}
        shownId={key}
        snoozed={snoozed}
        onAct={(step, notDone) => put(dish, step, notDone ? { notDone: true } : {})}
        onSnooze={(channel) =>
          setSnoozed((s) => ({ ...s, [`${dish.key}/${channel}`]: dish.nowMs + SNOOZE_MS }))
        }
        onProbeSet={(channel) => setProbeSetMs((s) => ({ ...s, [`${dish.key}/${channel}`]: dish.nowMs }))}
      />
    );
  };
  const list = (of: (dish: DishAtWork) => PlacedStep[]) =>
    dishes
      .flatMap((dish) => of(dish).map((a) => ({ dish, act: a })))
      .sort((a, b) => (a.act.doneMs ?? a.act.dueMs) - (b.act.doneMs ?? b.act.dueMs));
  const shows = chosen && onCard(chosen, shown?.key === chosen.key ? shown.id : undefined);
  const current = shows?.act;
  const onIt = [current?.id, ...(shows?.heats.map((h) => h.out.id) ?? [])];
  const then = list((d) => openActs(d).filter((a) => !(d.key === chosen?.key && onIt.includes(a.id))));
  // What is done is looked up for one dish: the list of all of them is nobody's.
  const behindUs = list((d) =>
    d === chosen ? d.at.steps.filter((s) => s.state === "done" || s.state === "notDone") : [],
  );
  const asides = dishes.filter((d) => d.at.setAside.length > 0);
  const batch = chosen?.worked?.batch;
  const broken = batches.filter((b) => !derived[b.id]);

  return (
    <Shell
      title={words.atWork}
      note={
        batch ? (
          <span>
            <Link href={`/batch/${batch.id}`} className="font-semibold link-in-text">
              {batch.name}
            </Link>{" "}
            · {batchNote(batch, units)}
            {chosen.work && chosen.work.clock.speed !== 1 && words.rehearsal(chosen.work.clock.speed)}
          </span>
        ) : (
          kitchen.name
        )
      }
      actions={
        <>
          <HandsFree dishes={dishes} onOver={onOver} />
          <Alarms dishes={dishes} snoozed={snoozed} />
        </>
      }
    >
      {rehearsalId !== null && (
        <RehearsalNote id={rehearsalId} sitting={sittings[0]} wallMs={wallMs} timeZone={kitchen.timeZone} />
      )}
      <Unpushed>
        <Notices sittings={sittings} broken={broken} wallMs={wallMs} timeZone={kitchen.timeZone} />
        <Strip dishes={dishes} focus={chosen?.key} onFocus={setFocus} />
      </Unpushed>
      {!chosen && (
        <p className="p-6 text-lg">
          {words.nothingIsAtWork(
            <Link href="/bench" className="link-in-text">
              {words.startABatchOnThe}
            </Link>,
          )}
        </p>
      )}
      {chosen && (
        <div className="grid grid-cols-[minmax(0,1fr)] gap-6 p-4 lg:grid-cols-[minmax(0,1fr)_26rem] lg:p-6">
          <div className="space-y-6">
            <Unpushed>
              {pressing.map(card)}
              {card(chosen)}
            </Unpushed>
            <DishPanels
              dish={chosen}
              current={current}
              act={(entry) => act(chosen.key, entry)}
              sent={waiting === 0}
              refused={refused.filter(({ entry }) => batchOf(entry) === chosen.key)}
              putAway={putAway}
            />
          </div>
          <aside className="space-y-6">
            {asides.length > 0 && (
              <section aria-label={words.notTickedOff}>
                <h2 className="text-xl">{words.notTickedOff}</h2>
                {asides.map((dish) => (
                  <SetAside
                    key={dish.key}
                    dish={dish}
                    onAll={(acts, notDone) =>
                      acts.forEach((step) =>
                        put(
                          dish,
                          step,
                          notDone ? { notDone: true } : { atMs: Math.min(step.dueMs, dish.nowMs) },
                        ),
                      )
                    }
                  />
                ))}
              </section>
            )}
            <section aria-label={words.acts}>
              <h2 className="text-xl">{words.thenAllDishes(dishes.length)}</h2>
              <ThenList
                acts={then}
                named={dishes.length > 1}
                onShow={(d, id) => (setFocus(d.key), setShown({ key: d.key, id }))}
                onUndo={undo}
              />
            </section>
            <details>
              <summary className="min-h-11 cursor-pointer font-display text-xl font-bold">
                {words.done(<span className="figure text-base">{behindUs.length}</span>)}
              </summary>
              <ThenList
                acts={behindUs}
                named={dishes.length > 1}
                onShow={(d, id) => (setFocus(d.key), setShown({ key: d.key, id }))}
                onUndo={undo}
              />
            </details>
            {batch && chosen.work?.liftedAtMs === null && chosen.work.done.go_in !== undefined && (
              <Link className="btn min-h-11 w-full" href={`/batch/${batch.id}`}>
                {words.lateOrEarlyWhatIt}
              </Link>
            )}
            {batch && chosen.work && (
              <Instruments batchId={batch.id} work={chosen.work} exits={chosen.worked?.exits ?? []} />
            )}
          </aside>
        </div>
      )}
    </Shell>
  );
}
