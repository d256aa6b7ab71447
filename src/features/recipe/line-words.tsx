import { useState } from "react";
import { joinedToAbove, reworded, type Mended } from "@/core/recipe/by-hand";
import type { LooseRecipe } from "@/core/recipe/loose";
import type { LinePartSaid } from "@/core/recipe/parts";
import { Select } from "@/ui/choice";
import type { ConfirmedLine } from "./use-confirming";

const PARTS: { value: LinePartSaid; label: string }[] = [
  { value: "main", label: "the preparation itself" },
  { value: "glaze", label: "the glaze" },
  { value: "sauce", label: "the sauce" },
  { value: "butter", label: "the butter" },
  { value: "dressing", label: "the dressing" },
  { value: "bed", label: "the bed it lies on" },
  { value: "reserved", label: "kept aside" },
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
          The words of this line. A new row makes a second line; an empty box removes the line.
        </label>
        <textarea
          id={id}
          className="min-h-20 w-full border-2 border-line bg-base-100 p-2 text-lg"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
      </div>
      <div className="flex flex-col justify-between gap-2">
        <Select label="Belongs to" value={line.part} options={PARTS} onChange={onPart} />
        <div className="flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-primary min-h-11"
            disabled={words === line.text}
            onClick={() => mend(reworded(recipe, line.index, words))}
          >
            Read this line again
          </button>
          {line.index > 0 && (
            <button
              type="button"
              className="btn min-h-11"
              onClick={() => mend(joinedToAbove(recipe, line.index))}
            >
              Join to the line above
            </button>
          )}
          <button type="button" className="btn min-h-11" onClick={onClose}>
            Cancel
          </button>
        </div>
      </div>
    </div>
  );
}
