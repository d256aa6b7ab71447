"use client";

import { useState, type DragEvent } from "react";
import { FileButton } from "@/ui/file-button";
import * as words from "@/words/recipe/paste-box";

/** Larger than any page with a recipe on it. */
const FILE_MOST_BYTES = 4 * 1024 * 1024;

interface Props {
  onText: (text: string) => void;
  /** It is being read. */
  busy: boolean;
  problem: string | null;
}

/** Where a recipe is pasted, dropped or chosen as a file. */
export function PasteBox({ onText, busy, problem }: Props) {
  const [text, setText] = useState("");
  const [over, setOver] = useState(false);
  const [tooLarge, setTooLarge] = useState<string | null>(null);

  const take = async (file: File) => {
    if (file.size > FILE_MOST_BYTES) return setTooLarge(words.isLargerThan4Mb(file.name));
    setTooLarge(null);
    const content = await file.text();
    setText(content);
    onText(content);
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    const dropped = event.dataTransfer.getData("text/plain");
    const [file] = event.dataTransfer.files;
    if (file) void take(file);
    else if (dropped) setText(dropped);
  };
  const said = tooLarge ?? problem;
  return (
    <form
      className="flex max-w-4xl flex-col gap-3 p-4 lg:p-6"
      onSubmit={(event) => {
        event.preventDefault();
        onText(text);
      }}
    >
      <label htmlFor="recipe-text" className="text-lg">
        {words.pasteOrDropARecipe}
      </label>
      <textarea
        id="recipe-text"
        className={`min-h-72 w-full border-2 bg-base-100 p-3 text-lg ${over ? "border-primary" : "border-line"}`}
        value={text}
        placeholder={words.of12KgDuckLegs}
        onChange={(event) => setText(event.target.value)}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={drop}
      />
      {said && (
        <p role="alert" className="text-error">
          {said}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <button
          className="btn btn-primary min-h-12 text-lg"
          disabled={text.trim() === "" || busy}
          aria-busy={busy}
        >
          {words.reading(busy)}
        </button>
        <FileButton
          label={words.orFromAFile}
          accept=".txt,.md,.markdown,.html,.htm,.json,.jsonld"
          onFile={take}
        />
      </div>
    </form>
  );
}
