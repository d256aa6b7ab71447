import type { ReactNode } from "react";
import * as words from "@/words/learned/learned-card";

interface Props {
  title: string;
  /** What is learnt, as one figure and its words. */
  figure: string;
  unit: string;
  /** How sure, from how much. */
  said: ReactNode;
  /** What it changes, in a cook's terms. */
  effect?: ReactNode;
  /** Taken for true: the sums reckon with it. */
  taken: boolean;
  /** Left out where what is taken is what is learnt now. */
  onTake?: () => void;
  onForget: () => void;
  children: ReactNode;
}

/** A figure this kitchen has learnt: what it is, how sure, what it changes; taken for true or not by the cook alone. */
export function LearnedCard(props: Props) {
  const { title, figure, unit, said, effect, taken, onTake, onForget, children } = props;
  return (
    <section aria-label={title} className="border border-line bg-base-100 p-4">
      <h2 className="text-2xl">{title}</h2>
      <div className="mt-1 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div className="min-w-0 flex-1 basis-80">
          <p className="leading-none">
            <span className="figure text-5xl" data-learned>
              {figure}
            </span>{" "}
            <span className="text-xl">{unit}</span>
          </p>
          <p className="mt-1">{said}</p>
          {effect && <p className="mt-1 text-lg">{effect}</p>}
        </div>
        <div className="flex flex-wrap gap-2">
          {onTake && (
            <button type="button" className="btn btn-primary min-h-12 text-lg" onClick={onTake}>
              {words.takeTheNewFigure(taken)}
            </button>
          )}
          {taken && (
            <button type="button" className="btn min-h-12" onClick={onForget}>
              {words.forgetIt}
            </button>
          )}
        </div>
      </div>
      <p className="mt-2 text-sm" role="status">
        {words.takenForTrueHereNew(taken)}
      </p>
      <div className="mt-3">{children}</div>
    </section>
  );
}

interface CountedProps {
  name: string;
  leftOut: boolean;
  onChange: (leftOut: boolean) => void;
}

/** One batch is counted or not: what is learnt moves at once. */
export const Counted = ({ name, leftOut, onChange }: CountedProps) => (
  <button
    type="button"
    className="min-h-11 cursor-pointer text-left text-sm underline"
    aria-label={`${words.count(leftOut)} ${name}`}
    onClick={() => onChange(!leftOut)}
  >
    {words.countItAgain(leftOut)}
  </button>
);
