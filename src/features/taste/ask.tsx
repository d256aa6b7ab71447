import type { Sample } from "@/core/taste/samples";
import type { Question, Told } from "@/core/taste/tasting";
import { SAID_OF_SALT } from "./words";
import * as words from "@/words/taste/ask";

interface Props {
  question: Question;
  eater: { name: string };
  samples: readonly Sample[];
  onTold: (told: Told) => Promise<void>;
  onTakeBack?: (() => void) | undefined;
}

const SALT = [-2, -1, 0, 1, 2];

/** One question, as large as the screen allows: codes alone, nothing of the salt in them. */
export function Ask({ question, eater, samples, onTold, onTakeBack }: Props) {
  const { eaterId } = question;
  const codeOf = (sample: number) => samples[sample]?.code ?? "";
  return (
    <section aria-label={words.tastes(eater.name)} className="border-l-8 border-primary bg-base-100 p-4">
      <p className="flex flex-wrap justify-between gap-x-4 text-lg">
        <strong>{eater.name}</strong>
        <span className="text-quiet">{words.nthOfAll(question.nth, question.of)}</span>
      </p>
      {question.kind === "pair" ? (
        <Pair
          first={codeOf(question.first)}
          second={codeOf(question.second)}
          onLiked={(liked) =>
            onTold({ eaterId, kind: "pair", first: question.first, second: question.second, liked })
          }
        />
      ) : (
        <One
          code={codeOf(question.sample)}
          onSaid={(salt) => onTold({ eaterId, kind: "said", sample: question.sample, salt })}
        />
      )}
      {onTakeBack && (
        <button type="button" className="btn mt-4 min-h-11" onClick={onTakeBack}>
          {words.takeMyLastAnswerBack}
        </button>
      )}
    </section>
  );
}

interface PairProps {
  first: string;
  second: string;
  onLiked: (liked: "first" | "second" | null) => void;
}

function Pair({ first, second, onLiked }: PairProps) {
  return (
    <>
      <h2 className="mt-1 text-3xl">{words.tasteDrinkSomeWaterThen(first, second)}</h2>
      <p className="text-lg">{words.whichWouldYouRatherHave}</p>
      <div className="mt-4 grid grid-cols-2 gap-3">
        {(
          [
            ["first", first],
            ["second", second],
          ] as const
        ).map(([liked, code]) => (
          <button
            key={liked}
            type="button"
            className="btn btn-primary figure h-28 text-5xl"
            onClick={() => onLiked(liked)}
          >
            {code}
          </button>
        ))}
      </div>
      <button type="button" className="btn mt-3 min-h-12 w-full text-lg" onClick={() => onLiked(null)}>
        {words.iFindNoDifference}
      </button>
    </>
  );
}

function One({ code, onSaid }: { code: string; onSaid: (salt: number) => void }) {
  return (
    <>
      <h2 className="mt-1 text-3xl">{words.taste(<span className="figure text-5xl">{code}</span>)}</h2>
      <p className="text-lg">{words.howIsItsSalt}</p>
      <div className="mt-4 grid gap-2 sm:grid-cols-5">
        {SALT.map((salt) => (
          <button
            key={salt}
            type="button"
            className={`btn h-auto min-h-16 text-lg ${salt === 0 ? "btn-primary" : ""}`}
            onClick={() => onSaid(salt)}
          >
            {SAID_OF_SALT[salt]}
          </button>
        ))}
      </div>
    </>
  );
}
