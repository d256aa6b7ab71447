"use client";

import { Link } from "@/ui/link";
import type { LearnedView } from "@/contracts/learned-view";
import type { TasteView } from "@/contracts/taste";
import type { KitchenView } from "@/contracts/views";
import { findSalt } from "@/core/materials/lookup";
import { VOLUME_ML } from "@/core/quantity/units";
import { fixed, percent } from "@/ui/format";
import { Shell } from "@/ui/shell/shell";
import { useReread } from "@/ui/use-reread";
import { SaveProblem } from "@/ui/use-save";
import { ClimbCard } from "./climb-card";
import { HeatUpCard } from "./heat-up-card";
import { OvenCard } from "./oven-card";
import { RateCard } from "./rate-card";
import { ScoreCard } from "./score-card";
import { useLearned } from "./use-learned";
import * as words from "@/words/learned/learned-page";

interface Props {
  kitchen: KitchenView;
  view: LearnedView;
  taste: TasteView;
  /** All that was done when it was drawn. */
  drawnWith: string;
}

/** What this kitchen has learnt of itself: every figure with what it comes from, to be argued with, taken or forgotten. */
export function LearnedPage({ kitchen, view, taste, drawnWith }: Props) {
  useReread(drawnWith);
  const acts = useLearned(view);
  const { timeZone } = kitchen;
  return (
    <Shell
      title={words.whatIsLearnt}
      note={
        <Link href="/record" className="link-in-text">
          {words.record}
        </Link>
      }
    >
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 p-4 lg:grid-cols-[3fr_2fr] lg:p-6">
        <div className="space-y-4">
          <SaveProblem problem={acts.problem} />
          {view.rates.length === 0 && (
            <section aria-label={words.saltIntoTheFood} className="border border-line bg-base-100 p-4">
              <h2 className="text-2xl">{words.saltIntoTheFood}</h2>
              <p>{words.nothingIsKnownYetOf}</p>
            </section>
          )}
          {view.rates.map((rate) => (
            <RateCard key={rate.foodId} rate={rate} acts={acts} timeZone={timeZone} />
          ))}
          <OvenCard
            oven={view.oven}
            heat={view.heat}
            readings={view.ovenReadings}
            acts={acts}
            timeZone={timeZone}
          />
          {view.heatUp && <HeatUpCard heatUp={view.heatUp} heat={view.heat} acts={acts} />}
          {view.climb && <ClimbCard climb={view.climb} heat={view.heat} acts={acts} timeZone={timeZone} />}
        </div>
        <div className="space-y-4">
          <ScoreCard score={view.score} acts={acts} timeZone={timeZone} />
          <LikedSalt taste={taste} />
          <Spoons kitchen={kitchen} />
        </div>
      </div>
    </Shell>
  );
}

function LikedSalt({ taste: { taste, known, houseSalt } }: { taste: TasteView }) {
  return (
    <section aria-label={words.likedSalt} className="border border-line bg-base-100 p-4">
      <h2 className="text-2xl">{words.likedSalt}</h2>
      <ul className="mt-1">
        {[
          ...taste.eaters.map((e) => ({ name: e.name, liked: e.liked, weight: "" })),
          { name: words.theTable, liked: taste.table, weight: "font-bold" },
        ].map(({ name, liked, weight }) => (
          <li key={name} className="flex items-baseline justify-between gap-3 border-b border-line py-1">
            <span className={weight}>{name}</span>
            <span>
              <span className="figure text-xl">{percent(liked.fraction)}</span> %{" "}
              <span className="text-sm text-quiet">
                {words.to(percent(liked.low, 1), percent(liked.high, 1))}
              </span>
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2">
        {houseSalt !== null ? words.aNewBenchAsksFor(percent(houseSalt)) : words.notTakenANewBench(known)}{" "}
        <Link href="/record/taste" className="link-in-text">
          {words.houseTaste}
        </Link>
      </p>
    </section>
  );
}

/** Salts of this kitchen that were weighed by the spoon, against the table. */
function Spoons({ kitchen }: { kitchen: KitchenView }) {
  const own = kitchen.own.salts.flatMap((salt) => {
    const table = findSalt(salt.id);
    return table && table.densityGPerMl !== salt.densityGPerMl ? [{ salt, table }] : [];
  });
  const spoonG = (densityGPerMl: number) => `${fixed(densityGPerMl * VOLUME_ML.metric_tbsp, 1)} g`;
  return (
    <section aria-label={words.spoons} className="border border-line bg-base-100 p-4">
      <h2 className="text-2xl">{words.spoons}</h2>
      {own.length === 0 && <p>{words.noSaltWasWeighedBy}</p>}
      <ul className="mt-1">
        {own.map(({ salt, table }) => (
          <li key={salt.id} className="flex items-baseline justify-between gap-3 border-b border-line py-1">
            <span>
              {salt.name}
              <span className="block text-sm text-quiet">
                {words.aTablespoonByTheTable(spoonG(table.densityGPerMl))}
              </span>
            </span>
            <span className="figure text-xl">{spoonG(salt.densityGPerMl)}</span>
          </li>
        ))}
      </ul>
      <p className="mt-2">
        <Link href="/stores#own" className="link-in-text">
          {words.weighASpoonOrForget}
        </Link>
      </p>
    </section>
  );
}
