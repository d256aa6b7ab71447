"use client";

import Link from "next/link";
import { useState } from "react";
import type { TastingView } from "@/contracts/taste";
import type { KitchenView } from "@/contracts/views";
import { likedOf } from "@/core/taste/liking";
import { carrierOf, questionsOf, samplesOf } from "@/core/taste/samples";
import { beliefIn, type Told } from "@/core/taste/tasting";
import { Shell } from "@/ui/shell/shell";
import { SaveProblem, useSave } from "@/ui/use-save";
import { LikedScale } from "./liked-scale";
import { MakeUp } from "./make-up";
import { Ask } from "./ask";
import { CARRIER_NAME, sayAnswers } from "./words";

/** One tasting, from weighing out to what came out: an eater at a time, blind to the end of their own. */
export function TastingPage({ kitchen, view: loaded }: { kitchen: KitchenView; view: TastingView }) {
  const [view, setView] = useState(loaded);
  const { ask, problem } = useSave();
  const { tasting, questions } = view;
  const samples = samplesOf(tasting.seed, carrierOf(tasting.carrier), tasting.way, tasting.eaters.length);
  const [chosen, setChosen] = useState<string>();
  const question = questions.find((q) => q.eaterId === chosen) ?? questions[0];
  const eater = tasting.eaters.find((e) => e.id === question?.eaterId);
  const path = `/api/tastings/${view.id}/answers`;
  const tell = async (told: Told) => {
    const kept = await ask<TastingView>("POST", path, told);
    if (kept) setView(kept.value);
  };
  const takeBack = async (eaterId: string) => {
    const kept = await ask<TastingView>("DELETE", `${path}?eater=${encodeURIComponent(eaterId)}`);
    if (kept) setView(kept.value);
  };
  const done = tasting.eaters.filter((e) => !questions.some((q) => q.eaterId === e.id));
  const answered = (id: string) => tasting.answers.filter((a) => a.eaterId === id).length;
  return (
    <Shell
      title="Tasting"
      note={
        <>
          <Link href="/record/taste" className="underline">
            House taste
          </Link>{" "}
          · {CARRIER_NAME[tasting.carrier]}
        </>
      }
    >
      <div className="mx-auto max-w-3xl space-y-8 p-4 lg:p-6">
        <MakeUp tasting={tasting} samples={samples} open={tasting.answers.length === 0} kitchen={kitchen} />
        {question && eater && (
          <Ask
            key={`${question.eaterId} ${question.nth}`}
            question={question}
            eater={eater}
            samples={samples}
            onTold={tell}
            onTakeBack={answered(eater.id) > 0 ? () => takeBack(eater.id) : undefined}
          />
        )}
        <SaveProblem problem={problem} />
        {questions.length > 1 && (
          <p className="flex flex-wrap items-center gap-2">
            Somebody else is here first:
            {questions
              .filter((q) => q.eaterId !== eater?.id)
              .map((q) => (
                <button
                  key={q.eaterId}
                  type="button"
                  className="btn min-h-11"
                  onClick={() => setChosen(q.eaterId)}
                >
                  {tasting.eaters.find((e) => e.id === q.eaterId)?.name}
                </button>
              ))}
          </p>
        )}
        {done.length > 0 && (
          <section aria-label="What came out">
            <h2 className="text-2xl">What came out</h2>
            <LikedScale
              rows={done.map((e) => ({
                name: e.name,
                note: sayAnswers(answered(e.id)),
                liked: likedOf(beliefIn(tasting, e.id)),
              }))}
            />
            {questions.length === 0 ? (
              <Link className="btn btn-primary mt-4 min-h-12 text-lg" href="/record/taste">
                What the table likes
              </Link>
            ) : (
              <p className="mt-2 text-quiet">
                {tasting.eaters.length - done.length} still to taste, {questionsOf(tasting.way)} answers each.
              </p>
            )}
          </section>
        )}
      </div>
    </Shell>
  );
}
