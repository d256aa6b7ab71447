import dynamic from "next/dynamic";
import { useState } from "react";
import type { WorkedOut } from "@/core/bench/worked";
import { described } from "@/core/preparations";
import { duration, percent } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import { NotYet, orMissing } from "@/ui/or-missing";
import { Section } from "@/ui/section/section";
import { Figures } from "./figures";
import { usePlate } from "./use-plate";
import { YieldLine } from "./yield-line";
import * as wording from "@/words/bench/at-pull";

/* Most pieces are of one size. */
const OtherSizes = dynamic(
  orMissing(async () => (await import("./other-sizes")).OtherSizes),
  { loading: NotYet },
);

/** What will be: the figures and the section when it is taken out, or on the plate. */
export function AtPull({ worked }: { worked: WorkedOut }) {
  const { input, sheet, fronts, cook } = worked;
  const [asked, setAsked] = useState(false);
  const plate = usePlate(worked, asked);
  const served = plate !== undefined;
  const outcome = { ...worked.outcome, ...plate };
  const units = useUnits();
  const { words } = described(input.preparation);
  const title = wording.onThePlateCookedTo({
    served,
    toC: units.temperature(cook.toC),
    place: words.place,
    pullH: duration(input.pullH),
  });
  // What the large figures do not say already.
  const aside: [name: string, share: number, digits: number][] = [
    [words.spots.enters, outcome.surfaceFraction, 1],
  ];
  if (served)
    aside.push([wording.mean, outcome.meanFraction, 1], [words.spots.last, outcome.centreFraction, 1]);
  aside.push([wording.evenness, outcome.evenness, 0]);
  if (!served && outcome.bathFraction !== undefined)
    aside.push([wording.bathOf(sheet.mix !== undefined), outcome.bathFraction, 1]);
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <h2 className="text-xl">{title}</h2>
        {!sheet.bake && (
          <button
            type="button"
            className="btn min-h-11"
            aria-pressed={asked}
            onClick={() => setAsked((now) => !now)}
          >
            {wording.backToTheSoak(served)}
          </button>
        )}
      </div>
      <Figures worked={worked} />
      <p className="flex flex-wrap gap-x-1 pt-1 text-sm text-quiet">
        {aside.map(([name, share, digits], i) => (
          <span key={name} className="whitespace-nowrap">
            {i > 0 && "· "}
            {name} <span className="figure">{percent(share, digits)}</span> %
          </span>
        ))}
        {fronts.acidMm > 0 && <Deep what={wording.acid} mm={fronts.acidMm} drawn />}
        {fronts.sugarMm > 0 && <Deep what={wording.sugar} mm={fronts.sugarMm} />}
      </p>
      <YieldLine {...worked} />
      {worked.outcome.alongside.length > 0 && <OtherSizes {...worked} />}
      <div className="min-h-52 flex-1">
        <Section input={input} sheet={sheet} outcome={outcome} acidMm={fronts.acidMm} units={units} />
      </div>
    </>
  );
}

/** How deep something else than salt has gone. */
function Deep({ what, mm, drawn = false }: { what: string; mm: number; drawn?: boolean }) {
  const units = useUnits();
  return (
    <span className="whitespace-nowrap">
      · {wording.deep(what, <span className="figure">{units.length(mm, 1)}</span>)}
      {drawn && wording.hatched}
    </span>
  );
}
