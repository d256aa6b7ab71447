import { useState } from "react";
import { COLUMNS, shownColumns, toggled, type ColumnId } from "./columns";
import * as words from "@/words/record/pick-columns";

interface Props {
  cols: string;
  onChange: (cols: string) => void;
}

/** Which columns the table has; the address keeps them. */
export function PickColumns({ cols, onChange }: Props) {
  // What was tapped holds until the address has it.
  const [tapped, setTapped] = useState({ from: cols, cols });
  const now = tapped.from === cols ? tapped.cols : cols;
  const shown = shownColumns(now);
  const toggle = (id: ColumnId) => {
    const next = toggled(now, id);
    setTapped({ from: cols, cols: next });
    onChange(next);
  };
  return (
    <details className="relative">
      <summary className="min-h-11 cursor-pointer py-2 text-quiet">{words.columns}</summary>
      <fieldset className="absolute z-30 border border-line bg-base-100 p-2 shadow-lg">
        <legend className="sr-only">{words.columnsThatAreShown}</legend>
        {COLUMNS.map(({ id, label }) => (
          <label key={id} className="flex min-h-11 cursor-pointer items-center gap-3 whitespace-nowrap px-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={shown.includes(id)}
              // A table of nothing but names would be no table.
              disabled={shown.length === 1 && shown[0] === id}
              onChange={() => toggle(id)}
            />
            {label}
          </label>
        ))}
      </fieldset>
    </details>
  );
}
