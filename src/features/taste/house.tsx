"use client";

import Link from "next/link";
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
    { name: "The table", note: "one dish for all", liked: taste.table, strong: true },
  ];
  return (
    <Shell
      title="House taste"
      note={
        <Link href="/record" className="underline">
          Record
        </Link>
      }
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 p-4 lg:grid-cols-[3fr_2fr] lg:p-6">
        <section aria-label="What is liked here">
          <p className="text-lg">
            {known
              ? "Salt this table likes best in finished flesh"
              : "Not asked yet: the usual, and how far eaters lie from it"}
          </p>
          <p className="figure text-6xl leading-tight" data-liked>
            {percent(taste.table.fraction)}
            <span className="ml-1 font-sans text-2xl">%</span>
          </p>
          <p className="text-lg">
            between <span className="figure">{percent(taste.table.low)}</span> and{" "}
            <span className="figure">{percent(taste.table.high)}</span> % two times in three, from{" "}
            {sayAnswers(taste.answers)} and {sayDinners(taste.batches)}.
          </p>
          <div className="mt-3 flex flex-wrap items-center gap-3">
            {known && houseSalt !== liked && (
              <button
                type="button"
                className="btn btn-primary min-h-12 text-lg"
                onClick={() => void take(liked)}
              >
                Take {percent(liked)} % as the wanted salt
              </button>
            )}
            {houseSalt !== null && (
              <button type="button" className="btn min-h-12" onClick={() => void take(null)}>
                Back to the usual {percent(USUAL_WANTED)} %
              </button>
            )}
          </div>
          <p className="mt-2" role="status">
            {houseSalt === null
              ? `A new Bench asks for the usual ${percent(USUAL_WANTED)} %.`
              : `A new Bench asks for ${percent(houseSalt)} %, this kitchen's own. Formulas that are saved stay as they are.`}
          </p>
          <SaveProblem problem={problem} />
          <h2 className="mt-6 text-2xl">Each eater</h2>
          <LikedScale rows={rows} />
          <p className="mt-2 max-w-prose text-sm text-quiet">
            Each answer weighs what is believed of an eater anew: what lies nearer to the salt they like is
            liked better, felt by ratios, with a slip now and then. A dinner that was judged counts half. The
            table stands in the middle of its eaters. A potato is not a roast: let the next dinners have the
            last word.
          </p>
        </section>
        <section aria-label="Tastings" className="space-y-6">
          <Begin kitchen={kitchen} />
          {tastings.length > 0 && (
            <div>
              <h2 className="text-2xl">Tastings so far</h2>
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
          {WAY_NAME[tasting.way]} ·{" "}
          {questions.length > 0 ? `${sayAnswers(tasting.answers.length)} so far` : "done"}
        </span>
      </Link>
      <button
        type="button"
        className="btn min-h-11"
        aria-label={`Forget the tasting of ${day}`}
        onClick={() => {
          if (window.confirm("Forget this tasting, and all that was said in it?"))
            void save("DELETE", `/api/tastings/${view.id}`);
        }}
      >
        Forget
      </button>
      <SaveProblem problem={problem} />
    </li>
  );
}
