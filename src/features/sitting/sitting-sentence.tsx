"use client";

import { useState } from "react";
import type { SittingBody } from "@/contracts/sitting";
import type { Answer } from "@/core/schedule/answer";
import { fixed } from "@/ui/format";
import { useTold } from "@/ui/measures";
import { SentenceWhen } from "@/ui/sentence-when";
import { sayAll } from "./say-fit";

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
      aria-label={`We eat at: 15 minutes ${said}`}
      onClick={() => onChange({ tableMs: body.tableMs + by })}
    >
      {by < 0 ? "−15" : "+15"}
    </button>
  );
  return (
    <div role="group" aria-label="The sitting in a sentence">
      <div className="sentence">
        <input
          className="entry-in-place"
          aria-label="Name of the sitting"
          maxLength={80}
          size={Math.max(6, body.name.length)}
          key={body.name}
          defaultValue={body.name}
          onBlur={(event) => event.target.value.trim() && onChange({ name: event.target.value.trim() })}
        />
        : {sayDishes(body.dishes.map((d) => d.name))} on the table{" "}
        <SentenceWhen
          label="We eat at"
          atMs={body.tableMs}
          nowMs={nowMs}
          timeZone={timeZone}
          onChange={table}
          onProblem={(_, wrong) => setProblem(wrong)}
        />{" "}
        {step(-STEP_MS, "earlier")} {step(STEP_MS, "later")} with{" "}
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
          ? "Add the dishes: the hours fall into place."
          : working
            ? "Planning …"
            : told(sayAll(answer))}
      </p>
    </div>
  );
}

/** "Juniper pork loin, duck legs and roots"; many are counted. */
function sayDishes(names: readonly string[]): string {
  if (names.length === 0) return "nothing yet";
  if (names.length > NAMED_MOST) return `${names.length} dishes`;
  if (names.length === 1) return names[0];
  return `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;
}

function sayKitchen({ ovens, shelves, fridgeL, cooks }: SittingBody["kitchen"]): string {
  const oven =
    ovens === 0 ? "no oven" : `${ovens === 1 ? "one oven" : `${ovens} ovens`} with ${shelves} shelves`;
  const hands = cooks === 1 ? "one cook" : `${cooks} cooks`;
  return `${oven}, ${fixed(fridgeL, 0)} L of fridge, ${hands}`;
}
