"use client";

import { Link } from "@/ui/link";
import { useRouter } from "next/navigation";
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
import * as words from "@/words/taste/tasting-page";

/** One tasting, from weighing out to what came out: an eater at a time, blind to the end of their own. */
export function TastingPage({ kitchen, view: loaded }: { kitchen: KitchenView; view: TastingView }) {
  const router = useRouter();
  const [held, setHeld] = useState({ loaded, view: loaded });
  // What the server tells anew goes before what was answered here.
  if (held.loaded !== loaded) setHeld({ loaded, view: loaded });
  const { view } = held;
  /** Shows what was kept; where it was refused, what is asked by now. */
  const show = (kept: { value: TastingView } | undefined) =>
    kept ? setHeld({ loaded, view: kept.value }) : router.refresh();
  const { ask, problem } = useSave();
  const { tasting, questions } = view;
  const samples = samplesOf(tasting.seed, carrierOf(tasting.carrier), tasting.way, tasting.eaters.length);
  // The cups are made up before anybody looks who tastes.
  const [ready, setReady] = useState(tasting.answers.length > 0);
  const [chosen, setChosen] = useState<string>();
  const question = questions.find((q) => q.eaterId === chosen) ?? questions[0];
  const eater = tasting.eaters.find((e) => e.id === question?.eaterId);
  const path = `/api/tastings/${view.id}/answers`;
  const tell = async (told: Told) => show(await ask<TastingView>("POST", path, told));
  const takeBack = async (eaterId: string) =>
    show(await ask<TastingView>("DELETE", `${path}?eater=${encodeURIComponent(eaterId)}`));
  const done = tasting.eaters.filter((e) => !questions.some((q) => q.eaterId === e.id));
  const answered = (id: string) => tasting.answers.filter((a) => a.eaterId === id).length;
  return (
    <Shell
      title={words.tasting}
      note={
        <>
          <Link href="/record/taste" className="link-in-text">
            {words.houseTaste}
          </Link>{" "}
          · {CARRIER_NAME[tasting.carrier]}
        </>
      }
    >
      <div className="mx-auto max-w-3xl space-y-8 p-4 lg:p-6">
        <MakeUp
          tasting={tasting}
          samples={samples}
          kitchen={kitchen}
          ready={ready}
          onReady={() => setReady(true)}
        />
        {ready && question && eater && (
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
        {ready && questions.length > 1 && (
          <p className="flex flex-wrap items-center gap-2">
            {words.somebodyElseIsHereFirst}
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
          <section aria-label={words.whatCameOut}>
            <h2 className="text-2xl">{words.whatCameOut}</h2>
            <LikedScale
              rows={done.map((e) => ({
                name: e.name,
                note: sayAnswers(answered(e.id)),
                liked: likedOf(beliefIn(tasting, e.id)),
              }))}
            />
            {questions.length === 0 ? (
              <Link className="btn btn-primary mt-4 min-h-12 text-lg" href="/record/taste">
                {words.whatTheTableLikes}
              </Link>
            ) : (
              <p className="mt-2 text-quiet">
                {words.stillToTasteAnswersEach(tasting.eaters.length - done.length, questionsOf(tasting.way))}
              </p>
            )}
          </section>
        )}
      </div>
    </Shell>
  );
}
