"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import type { KitchenView } from "@/contracts/views";
import type { WorkedOut } from "@/core/bench/worked";
import { describeFormulation } from "@/core/exchange/describe";
import { whatIfsFor, type WhatIf } from "@/core/formula/change/compare";
import type { Formulation } from "@/core/formulation";
import { duration, percent } from "@/ui/format";
import { LineDifferences } from "@/ui/line-differences";
import { useUnits } from "@/ui/measures";
import { orMissing } from "@/ui/or-missing";
import { sayFormulationError } from "@/ui/say";
import { Section } from "@/ui/section/section";
import { sayVerdict } from "../ways/way-words";
import { rowsFor, wayOf } from "./side";
import { useCurves, useThat } from "./use-that";
import * as words from "@/words/bench/this-or-that/this-or-that";

const Curves = dynamic(
  orMissing(async () => (await import("./curves")).Curves),
  { loading: () => <p className="h-64 text-quiet">{words.drawing}</p> },
);

interface Props {
  /** What is on the Bench. */
  worked: WorkedOut;
  kitchen: KitchenView;
  that: Formulation;
  onThat: (that: Formulation | null) => void;
  /** The other one is taken onto the Bench, this one stands beside it. */
  onSwap: () => void;
}

const BEGINNINGS: Record<WhatIf["id"], string> = words.beginnings;

/** Two drafts side by side: every field of the Bench changes this one, a tap takes the other in its place. */
export function ThisOrThat({ worked, kitchen, that, onThat, onSwap }: Props) {
  const other = useThat(that, kitchen.rates[that.foodId]?.factor ?? 1, kitchen.limits);
  return (
    <section aria-label={words.thisOrThat}>
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="flex-1 text-xl">{words.thisOrThat}</h2>
        <button type="button" className="btn min-h-11" onClick={onSwap}>
          {words.workOnThat}
        </button>
        <button type="button" className="btn min-h-11" onClick={() => onThat(null)}>
          {words.putThatAway}
        </button>
      </div>
      <p className="flex flex-wrap items-center gap-x-3 pb-1 text-sm leading-tight">
        <span className="text-quiet">{words.beginThatAs}</span>
        {whatIfsFor(worked.input).map(({ id, input }) => (
          <button
            key={id}
            type="button"
            className="min-h-11 cursor-pointer underline"
            onClick={() => onThat(input)}
          >
            {BEGINNINGS[id]}
          </button>
        ))}
      </p>
      {other === undefined ? (
        <p className="h-64 text-quiet">{words.workingItOut}</p>
      ) : other.ok ? (
        <Two one={worked} other={other} />
      ) : (
        <p className="border-l-4 border-warning bg-base-100 p-3" role="alert">
          {words.thatCannotBeWorkedOut(sayFormulationError(other.error).text)}
        </p>
      )}
    </section>
  );
}

function Two({ one, other }: { one: WorkedOut; other: WorkedOut }) {
  const units = useUnits();
  const sides = [one, other];
  return (
    <>
      <table className="w-full table-fixed border border-line bg-base-100">
        <thead>
          <tr className="border-b border-line align-bottom">
            <td className="w-[20%]" />
            <th scope="col" className="p-2 text-left font-semibold">
              {words.thisOne(wayOf(one))}
            </th>
            <th scope="col" className="border-l border-line p-2 text-left font-semibold">
              {words.that(wayOf(other))}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr className="align-top">
            <th scope="row" className="p-2 text-left text-sm font-normal text-quiet">
              {words.inTheFlesh}
            </th>
            {sides.map((side, i) => (
              <td key={i} className={`p-2 ${i === 1 ? "border-l border-line" : ""}`} data-side={i}>
                {words.after({
                  fraction: (
                    <span className="figure block text-4xl leading-tight whitespace-nowrap">
                      {percent(side.salt.fraction, 1)}
                      <span className="ml-1 font-sans text-sm">%</span>
                    </span>
                  ),
                  side: <strong>{sayVerdict(side)}</strong>,
                  pullH: duration(side.input.pullH),
                  sectionSideUnitsUnitsCompact: (
                    <span className="block h-28">
                      <Section {...side} units={units} compact />
                    </span>
                  ),
                })}
              </td>
            ))}
          </tr>
          {rowsFor(units).map(({ name, say }) => (
            <tr key={name} className="border-t border-line">
              <th scope="row" className="px-2 py-1 text-left text-sm font-normal text-quiet">
                {name}
              </th>
              {sides.map((side, i) => (
                <td key={i} className={`px-2 py-1 ${i === 1 ? "border-l border-line" : ""}`}>
                  <span className="figure">{say(side)}</span>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <Folded title={words.whatDiffersLineByLine}>
        <LineDifferences before={describeFormulation(one.input)} after={describeFormulation(other.input)} />
      </Folded>
      <Folded title={words.saltByDepthAndBy}>
        <OverOneAnother one={one} other={other} />
      </Folded>
    </>
  );
}

function OverOneAnother({ one, other }: { one: WorkedOut; other: WorkedOut }) {
  const curves = useCurves(one, other);
  return curves ? <Curves series={curves} pullH={one.input.pullH} /> : <p className="h-64" />;
}

/** Worked out only once it is opened. */
function Folded({ title, children }: { title: string; children: React.ReactNode }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="mt-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2">{title}</summary>
      {open && children}
    </details>
  );
}
