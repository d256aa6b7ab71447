"use client";

import { memo } from "react";
import type { Formulation } from "@/core/formulation";
import { type PreparationChoice, PREPARATIONS } from "@/core/preparations";
import type { Way } from "@/core/ways/way";
import { percent } from "@/ui/format";
import { Late } from "@/ui/late";
import { useMeasures, useUnits } from "@/ui/measures";
import { useSteady } from "@/ui/use-steady";
import { sayWhen } from "@/ui/when";
import type { KnownRate } from "@/workers/sums.worker";
import type { Times } from "../use-times";
import { MiniSection } from "./mini-section";
import { useWays } from "./use-ways";
import { sayCost, sayHands, sayShort, sayStrength, VERDICT_WORD, WAY_NAME } from "./way-words";
import * as words from "@/words/bench/ways/ways-panel";

interface Props {
  input: Formulation;
  chosen: PreparationChoice;
  rate: KnownRate;
  times: Times;
  timeZone: string;
  onTake: (way: Way) => void;
}

/** Every preparation that can serve, worked out for this food and these hours; one tap takes one. */
export function WaysPanel({ input, chosen, rate, times, timeZone, onTake }: Props) {
  const { ways, stale } = useWays(input, times.hoursThereAre, rate);
  const measures = useMeasures();
  const by = sayWhen(times.heatAtMs, times.nowMs, timeZone, measures);
  // The nearest few, and the one that stands; what is further off can be opened.
  const near = (way: Way, i: number) => i < SHOWN || way.choice === chosen;
  const shown = ways.filter(near);
  const others = ways.filter((way, i) => !near(way, i));
  const list = { chosen, times, timeZone, onTake: useSteady(onTake) };
  return (
    <section className="relative mb-4" aria-label={words.waysToGetThere} aria-busy={stale}>
      <Late />
      <h2 className="text-xl">{words.waysToGetThereBy(by)}</h2>
      {ways.length === 0 && !stale && <p className="py-2 text-quiet">{words.noWayWorksOutAs}</p>}
      {ways.length === 0 && stale && <RoomForWays />}
      <WayList ways={shown} {...list} />
      {others.length > 0 && (
        <details>
          <summary className="cursor-pointer py-1.5 text-quiet">
            {words.anotherWayFurtherOff(others.length)}
          </summary>
          <WayList ways={others} {...list} />
        </details>
      )}
      {ways.length > 0 && (
        <details className="text-sm text-quiet">
          <summary className="cursor-pointer py-1">{words.howTheyAreOrdered}</summary>
          <p>{words.nearestToTheSaltYou}</p>
        </details>
      )}
    </section>
  );
}

const SHOWN = 4;

/** The room they will take: nothing below is pushed away from under a finger when they come. */
function RoomForWays() {
  return (
    <>
      <p className="sr-only">{words.workingThemOut}</p>
      <ul className="mt-1 mb-16 space-y-1.5" aria-hidden>
        {Array.from({ length: SHOWN }, (_, i) => (
          <li key={i} className="h-20 rounded-box border border-line bg-base-100 opacity-60" />
        ))}
      </ul>
    </>
  );
}

type ListProps = Pick<Props, "chosen" | "times" | "timeZone" | "onTake"> & { ways: Way[] };

function WayList({ ways, chosen, times, timeZone, onTake }: ListProps) {
  const measures = useMeasures();
  const inAt = (way: Way) =>
    laterIn(way, times) ? sayWhen(inAtOf(way, times), times.nowMs, timeZone, measures) : undefined;
  return (
    <ul className="mt-1 space-y-1.5">
      {ways.map((way) => (
        <li key={way.choice}>
          <WayCard way={way} chosen={way.choice === chosen} inAt={inAt(way)} onTake={onTake} />
        </li>
      ))}
    </ul>
  );
}

const HOUR_MS = 3_600_000;
const inAtOf = (way: Way, times: Times) => times.heatAtMs - way.hours * HOUR_MS;
const laterIn = (way: Way, times: Times) => inAtOf(way, times) > times.nowMs + HOUR_MS / 12;

interface CardProps {
  way: Way;
  chosen: boolean;
  /** When it goes in, where that is later than now. */
  inAt: string | undefined;
  onTake: (way: Way) => void;
}

/** Drawn anew only when it says something else: a letter typed elsewhere waits for none of them. */
const WayCard = memo(function WayCard({ way, chosen, inAt, onTake }: CardProps) {
  const units = useUnits();
  const facts = [sayStrength(way), inAt && words.inAt(inAt), ...sayCost(way, units)].filter(Boolean);
  const told = [...facts.slice(0, 3), sayHands(way)];
  const { salt, verdict } = way;
  const good = verdict === "asWanted";
  return (
    <button
      type="button"
      aria-pressed={chosen}
      data-way={way.choice}
      className={`flex w-full cursor-pointer items-center gap-3 rounded-box border bg-base-100 p-2 text-left ${chosen ? "border-2 border-primary" : "border-line"}`}
      onClick={() => onTake(way)}
    >
      <MiniSection shape={way.input.pieces.shape} profile={way.profile} wanted={way.wanted} />
      <span className="min-w-0 flex-1">
        <span className="block leading-tight font-semibold">{WAY_NAME[way.choice]}</span>
        <span className="block text-sm leading-tight text-quiet">{told.join(" · ")}</span>
        {sayShort(way) && <span className="block text-sm leading-tight text-quiet">{sayShort(way)}</span>}
      </span>
      <span className="shrink-0 text-right">
        <span className="figure block text-xl leading-tight">
          {percent(salt.fraction, 1)} <span className="font-sans text-sm">%</span>
        </span>
        <span
          className={`block text-sm leading-tight ${good ? "text-success" : "text-warning"}`}
          title={words.to(percent(salt.low, 1), percent(salt.high, 1))}
        >
          {VERDICT_WORD[verdict]}
        </span>
        <span className="block text-sm leading-tight text-quiet">
          {PREPARATIONS[way.choice].words.spots.leanest} {percent(way.evenness * salt.fraction, 1)} %
        </span>
      </span>
    </button>
  );
});
