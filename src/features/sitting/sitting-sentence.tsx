"use client";

import { useState } from "react";
import type { SittingBody } from "@/contracts/sitting";
import type { Answer } from "@/core/schedule/answer";
import { fixed } from "@/ui/format";
import { useTold } from "@/ui/measures";
import { SentenceWhen } from "@/ui/sentence-when";
import { sayAll } from "./say-fit";
import * as words from "@/words/sitting/sitting-sentence";

interface Props {
  body: SittingBody;
  answer: Answer;
  /** A change is being planned. */
  working: boolean;
  nowMs: number;
  timeZone: string;
  onChange: (part: Partial<SittingBody>) => void;
  /** Opens what the kitchen has. */
  onKitchen: () => void;
}

const STEP_MS = 15 * 60_000;
const NAMED_MOST = 4;

/** The sitting in a sentence: what it is called, what there is, when it is eaten and with what; each part is changed in place. */
export function SittingSentence({ body, answer, working, nowMs, timeZone, onChange, onKitchen }: Props) {
  const told = useTold();
  const [problem, setProblem] = useState<string | null>(null);
  const table = (tableMs: number) => {
    onChange({ tableMs });
    return null;
  };
  const step = (by: number, said: string) => (
    <button
      type="button"
      className="btn btn-sm min-h-11 px-2 align-middle font-sans text-base"
      aria-label={words.weEatAt15Minutes(said)}
      onClick={() => onChange({ tableMs: body.tableMs + by })}
    >
      {by < 0 ? "−15" : "+15"}
    </button>
  );
  return (
    <div role="group" aria-label={words.theSittingInASentence}>
      <div className="sentence">
        <input
          className="entry-in-place"
          aria-label={words.nameOfTheSitting}
          maxLength={80}
          size={Math.max(6, body.name.length)}
          key={body.name}
          defaultValue={body.name}
          onBlur={(event) => event.target.value.trim() && onChange({ name: event.target.value.trim() })}
        />
        :{" "}
        {words.onTheTableWith({
          dishes: sayDishes(body.dishes.map((d) => d.name)),
          tableMs: (
            <SentenceWhen
              label={words.weEatAt}
              atMs={body.tableMs}
              nowMs={nowMs}
              timeZone={timeZone}
              onChange={table}
              onProblem={(_, wrong) => setProblem(wrong)}
            />
          ),
          earlier: step(-STEP_MS, "earlier"),
          later: step(STEP_MS, "later"),
        })}{" "}
        <button type="button" className="entry-in-place cursor-pointer text-left" onClick={onKitchen}>
          {told(sayKitchen(body.kitchen))}
        </button>
      </div>
      {problem && (
        <p role="alert" className="text-sm text-error">
          {problem}
        </p>
      )}
      <p role="status" className="text-quiet">
        {body.dishes.length === 0
          ? words.addTheDishesTheHours
          : working
            ? words.planning
            : told(sayAll(answer))}
      </p>
    </div>
  );
}

/** "Juniper pork loin, duck legs and roots"; many are counted. */
function sayDishes(names: readonly string[]): string {
  const [first, ...others] = names;
  if (first === undefined) return words.nothingYet;
  if (names.length > NAMED_MOST) return words.dishes(names.length);
  if (others.length === 0) return first;
  return words.and(names.slice(0, -1).join(", "), names.at(-1));
}

function sayKitchen({ ovens, shelves, fridgeL, cooks }: SittingBody["kitchen"]): string {
  const oven = words.noOven(ovens, shelves);
  const hands = words.oneCook(cooks);
  return words.lOfFridge({ oven, fridgeL: fixed(fridgeL, 0), hands });
}
