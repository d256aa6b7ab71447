"use client";

import { Link } from "@/ui/link";
import type { TasteView, TastingView } from "@/contracts/taste";
import type { KitchenView } from "@/contracts/views";
import { USUAL_WANTED } from "@/core/formula/offer/defaults";
import { percent } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import { Shell } from "@/ui/shell/shell";
import { SaveProblem, useSave } from "@/ui/use-save";
import { Begin } from "./begin";
import { LikedScale } from "./liked-scale";
import { CARRIER_NAME, sayAnswers, sayDinners, WAY_NAME } from "./words";
import * as words from "@/words/taste/house";

interface Props {
  kitchen: KitchenView;
  view: TasteView;
}

/** How much salt this kitchen's eaters like, from their tastings and from the dinners they judged. */
export function House({ kitchen, view }: Props) {
  const { taste, known, houseSalt, tastings } = view;
  const { save, problem } = useSave();
  const take = (fraction: number | null) => save("PATCH", "/api/kitchen", { houseSalt: fraction });
  const liked = Number(taste.table.fraction.toFixed(4));
  const rows = [
    ...taste.eaters.map((e) => ({
      name: e.name,
      note: [sayAnswers(e.answers), ...(e.batches > 0 ? [sayDinners(e.batches)] : [])].join(", "),
      liked: e.liked,
    })),
    { name: words.theTable, note: words.oneDishForAll, liked: taste.table, strong: true },
  ];
  return (
    <Shell
      title={words.houseTaste}
      note={
        <Link href="/record" className="link-in-text">
          {words.record}
        </Link>
      }
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 p-4 lg:grid-cols-[3fr_2fr] lg:p-6">
        <section aria-label={words.whatIsLikedHere}>
          <p className="text-lg">{words.saltThisTableLikesBest(known)}</p>
          <p className="figure text-6xl leading-tight" data-liked>
            {percent(taste.table.fraction)}
            <span className="ml-1 font-sans text-2xl">%</span>
          </p>
          <p className="text-lg">
            {words.betweenAndTwoTimesIn({
              tableLow: <span className="figure">{percent(taste.table.low)}</span>,
              tableHigh: <span className="figure">{percent(taste.table.high)}</span>,
              answers: sayAnswers(taste.answers),
              batches: sayDinners(taste.batches),
            })}
          </p>
          <div className="mt-3 flex flex-wrap items-center gap-3">
            {known && houseSalt !== liked && (
              <button
                type="button"
                className="btn btn-primary min-h-12 text-lg"
                onClick={() => void take(liked)}
              >
                {words.takeAsTheWantedSalt(percent(liked))}
              </button>
            )}
            {houseSalt !== null && (
              <button type="button" className="btn min-h-12" onClick={() => void take(null)}>
                {words.backToTheUsual(percent(USUAL_WANTED))}
              </button>
            )}
          </div>
          <p className="mt-2" role="status">
            {houseSalt === null
              ? words.aNewBenchAsksFor(percent(USUAL_WANTED))
              : words.aNewBenchAsksForOfHouseSalt(percent(houseSalt))}
          </p>
          <SaveProblem problem={problem} />
          <h2 className="mt-6 text-2xl">{words.eachEater}</h2>
          <LikedScale rows={rows} />
          <p className="mt-2 max-w-prose text-sm text-quiet">{words.eachAnswerWeighsWhatIs}</p>
        </section>
        <section aria-label={words.tastings} className="space-y-6">
          <Begin kitchen={kitchen} />
          {tastings.length > 0 && (
            <div>
              <h2 className="text-2xl">{words.tastingsSoFar}</h2>
              <ul>
                {tastings.map((t) => (
                  <Past key={t.id} view={t} timeZone={kitchen.timeZone} />
                ))}
              </ul>
            </div>
          )}
        </section>
      </div>
    </Shell>
  );
}

function Past({ view, timeZone }: { view: TastingView; timeZone: string }) {
  const { tasting, questions } = view;
  const { save, problem } = useSave();
  const day = useUnits().date(view.startedAtMs, timeZone);
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-3 border-b border-line py-1">
      <Link className="min-h-11 flex-1 py-2" href={`/record/taste/${view.id}`}>
        <span className="font-semibold underline">{day}</span>
        <span className="block text-sm text-quiet">
          {tasting.eaters.map((e) => e.name).join(", ")} · {CARRIER_NAME[tasting.carrier]} ·{" "}
          {WAY_NAME[tasting.way]} · {words.soFar(questions.length, sayAnswers(tasting.answers.length))}
        </span>
      </Link>
      <button
        type="button"
        className="btn min-h-11"
        aria-label={words.forgetTheTastingOf(day)}
        onClick={() => {
          if (window.confirm(words.forgetThisTastingAndAll)) void save("DELETE", `/api/tastings/${view.id}`);
        }}
      >
        {words.forget}
      </button>
      <SaveProblem problem={problem} />
    </li>
  );
}
