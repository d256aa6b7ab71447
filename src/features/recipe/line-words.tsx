import { useState } from "react";
import { joinedToAbove, reworded, type Mended } from "@/core/recipe/by-hand";
import type { LooseRecipe } from "@/core/recipe/loose";
import type { LinePartSaid } from "@/core/recipe/parts";
import { Select } from "@/ui/choice";
import type { ConfirmedLine } from "./use-confirming";
import * as wording from "@/words/recipe/line-words";

const PARTS: { value: LinePartSaid; label: string }[] = [
  { value: "main", label: wording.thePreparationItself },
  { value: "glaze", label: wording.theGlaze },
  { value: "sauce", label: wording.theSauce },
  { value: "butter", label: wording.theButter },
  { value: "dressing", label: wording.theDressing },
  { value: "bed", label: wording.theBedItLiesOn },
  { value: "reserved", label: wording.keptAside },
];

interface Props {
  item: ConfirmedLine;
  recipe: LooseRecipe;
  onPart: (part: LinePartSaid) => void;
  onMend: (mended: Mended) => void;
  onClose: () => void;
}

/** Where the reader went wrong about a line itself: its words, where it ends, and what it belongs to. */
export function LineWords({ item: { line }, recipe, onPart, onMend, onClose }: Props) {
  const [words, setWords] = useState(line.text);
  const mend = (mended: Mended) => {
    onMend(mended);
    onClose();
  };
  const id = `line-words-${line.index}`;
  return (
    <div className="col-span-full grid gap-2 border-l-4 border-base-content bg-base-200 p-3 sm:grid-cols-2">
      <div className="flex flex-col gap-1">
        <label htmlFor={id} className="text-sm">
          {wording.theWordsOfThisLine}
        </label>
        <textarea
          id={id}
          className="min-h-20 w-full border-2 border-line bg-base-100 p-2 text-lg"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
      </div>
      <div className="flex flex-col justify-between gap-2">
        <Select label={wording.belongsTo} value={line.part} options={PARTS} onChange={onPart} />
        <div className="flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-primary min-h-11"
            disabled={words === line.text}
            onClick={() => mend(reworded(recipe, line.index, words))}
          >
            {wording.readThisLineAgain}
          </button>
          {line.index > 0 && (
            <button
              type="button"
              className="btn min-h-11"
              onClick={() => mend(joinedToAbove(recipe, line.index))}
            >
              {wording.joinToTheLineAbove}
            </button>
          )}
          <button type="button" className="btn min-h-11" onClick={onClose}>
            {wording.cancel}
          </button>
        </div>
      </div>
    </div>
  );
}
