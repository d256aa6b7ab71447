"use client";

import { useCallback, useState } from "react";
import { rechosen } from "@/core/formula/offer/choose-food";
import { RANGES } from "@/core/quantity/ranges";
import { likelyThicknessMm } from "@/core/formula/weigh/flesh";
import type { Pieces } from "@/core/formulation";
import { inchesOf, poundsOf } from "@/core/quantity/american";
import { LENGTH_MM, MASS_G } from "@/core/quantity/units";
import { duration, fixed } from "@/ui/format";
import { useMeasures, useUnits } from "@/ui/measures";
import { useOwnEntry } from "@/ui/own-entry/use-own-entry";
import { usePantry } from "@/ui/pantry";
import { usePickLists } from "@/ui/pick-lists";
import { Picker } from "@/ui/picker";
import { SentenceWhen } from "@/ui/sentence-when";
import { trimZeros } from "@/ui/use-quantity";
import type { PanelProps } from "../panels/panel";
import type { Times } from "../use-times";
import { SentenceQuantity } from "./sentence-quantity";
import * as words from "@/words/bench/sentence/sentence";

interface Props extends PanelProps {
  times: Times;
  timeZone: string;
  /** Baked at once: its hours are the oven's. */
  baked: boolean;
}

/** Thicker or thinner than its weight lets expect by more than this share: said, with what is likely. */
const LIKELY_APART = 0.12;

/** What there is and when it is wanted, in one sentence: every underlined part is changed in place. */
export function Sentence({ value, change, onValidity, refusalFor, times, timeZone, baked }: Props) {
  const { pieces } = value;
  const pantry = usePantry();
  const us = useMeasures() === "us";
  const units = useUnits();
  const [problems, setProblems] = useState<Record<string, string>>({});
  const onProblem = useCallback(
    (label: string, problem: string | null) =>
      setProblems((all) => {
        const others = Object.fromEntries(Object.entries(all).filter(([of]) => of !== label));
        return problem === null ? others : { ...others, [label]: problem };
      }),
    [],
  );
  const set = (part: Partial<Pieces>) => change((f) => ({ ...f, pieces: { ...f.pieces, ...part } }));
  const { foods } = usePickLists();
  const food = pantry.food(value.foodId);
  const likely = food && likelyThicknessMm(food, pieces.totalMassG / pieces.count);
  const apart = likely !== undefined && Math.abs(likely / pieces.thicknessMm - 1) > LIKELY_APART;
  const chooseFood = (id: string) => {
    const next = pantry.food(id);
    if (next) change((f) => rechosen(f, next, pantry.food(f.foodId)));
  };
  const ownFood = useOwnEntry("food", chooseFood);
  const field = { onValidity, onProblem };
  const said = [...Object.values(problems), refusalFor("thickness")].filter((text) => text !== undefined);
  return (
    <div role="group" aria-label={words.whatThereIsAndWhen}>
      <div className="sentence">
        <SentenceQuantity
          {...field}
          label={words.pieces}
          text={String(pieces.count)}
          value={pieces.count}
          rule={RANGES.count}
          // A piece weighs what it weighed.
          onChange={(count) => set({ count, totalMassG: (pieces.totalMassG / pieces.count) * count })}
        />{" "}
        {words.pieceOf({
          count: pieces.count,
          foods: (
            <Picker
              label={words.kind}
              items={foods}
              chosenId={value.foodId}
              onPick={chooseFood}
              onAdd={(name) => ownFood.ask(name, value.foodId)}
            />
          ),
          dialog: ownFood.dialog,
        })}
        ,{" "}
        <SentenceQuantity
          {...field}
          label={words.weightOfAllPieces}
          text={
            us
              ? poundsOf(pieces.totalMassG)
              : `${trimZeros(fixed(pieces.totalMassG, pieces.totalMassG < 100 ? 1 : 0))} g`
          }
          value={pieces.totalMassG}
          rule={RANGES.totalMassG}
          bareUnit={us ? "lb" : undefined}
          step={us ? MASS_G.oz : 10}
          onChange={(totalMassG) => set({ totalMassG })}
        />
        ,{" "}
        <SentenceQuantity
          {...field}
          label={words.thickness}
          text={us ? inchesOf(pieces.thicknessMm) : `${Math.round(pieces.thicknessMm * 10) / 10} mm`}
          value={pieces.thicknessMm}
          rule={RANGES.thicknessMm}
          bareUnit={us ? "in" : undefined}
          step={us ? LENGTH_MM.in / 8 : 1}
          onChange={(thicknessMm) => set({ thicknessMm })}
          refusal={refusalFor("thickness")}
        />{" "}
        {words.thickIntoTheOvenOut(
          baked,
          <SentenceWhen
            label={words.goesIn}
            atMs={times.inAtMs}
            nowMs={times.nowMs}
            timeZone={timeZone}
            onChange={times.setIn}
            onProblem={onProblem}
          />,
        )}{" "}
        <SentenceWhen
          label={words.outOfTheOven(baked)}
          atMs={times.heatAtMs}
          nowMs={times.nowMs}
          timeZone={timeZone}
          wordsFrom={times.inAtMs}
          onChange={times.setHeat}
          onProblem={onProblem}
        />
        : <strong className="text-primary">{duration(value.pullH)}</strong>
      </div>
      {apart && (
        <p className="flex flex-wrap items-baseline gap-x-2 text-sm">
          <span className="text-quiet">{words.aboutIsLikelyAtThis(units.length(likely))}</span>
          <button
            type="button"
            className="min-h-11 cursor-pointer font-semibold text-primary underline"
            onClick={() => set({ thicknessMm: Math.round(likely) })}
          >
            {words.use(units.length(likely))}
          </button>
        </p>
      )}
      {said.map((text) => (
        <p key={text} role="alert" className="text-sm text-error">
          {text}
        </p>
      ))}
    </div>
  );
}
