import { judgedSalt, type Judged } from "@/core/journal/outcome";
import { percent } from "@/ui/format";
import { ASKED, sayScore } from "@/ui/judged";
import * as words from "@/words/batch/salt-found";

interface Props {
  judged: Judged;
  wanted: number;
  /** Salt that went to the heat, share of finished flesh; left out where it does not work out any more. */
  held?: number;
}

/** On the scale of words, from −2 to 2. */
const place = (score: number) => `${10 + ((score + 2) / 4) * 80}%`;

/** How the salt was found, on an axis of words, beside what was wanted and what was in it. */
export function SaltFound({ judged, wanted, held }: Props) {
  const salt = judgedSalt(judged);
  if (salt === undefined) return null;
  const eaters = judged.eaters ?? [];
  return (
    <figure className="mt-2">
      <figcaption>
        {words.foundWanted({
          salt: <strong className="text-xl">{sayScore("salt", salt)}</strong>,
          wanted: <b className="figure">{percent(wanted)} %</b>,
          held: held !== undefined && (
            <>{words.withInTheFlesh(<b className="figure">{percent(held)} %</b>)}</>
          ),
        })}
      </figcaption>
      <div className="relative mt-2 h-14" aria-hidden>
        <span className="absolute inset-x-[10%] top-4 border-t-2 border-base-content" />
        {ASKED.salt.words.map((word, i) => (
          <span
            key={word}
            className="absolute top-7 w-1/5 -translate-x-1/2 text-center text-sm leading-tight text-quiet"
            style={{ left: place(i - 2) }}
          >
            {word}
          </span>
        ))}
        {eaters.map(({ who, salt: said }, i) => (
          <span
            key={`${who} ${i}`}
            className="absolute top-2 h-4 w-1 -translate-x-1/2 bg-neutral"
            style={{ left: place(said) }}
          />
        ))}
        <span
          className={`absolute top-4 size-5 -translate-1/2 rounded-full border-4 border-base-100 ${Math.abs(salt) < 0.5 ? "bg-success" : "bg-accent"}`}
          style={{ left: place(salt) }}
        />
      </div>
    </figure>
  );
}
