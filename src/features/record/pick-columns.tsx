import { COLUMNS, shownColumns, toggled } from "./columns";

interface Props {
  cols: string;
  onChange: (cols: string) => void;
}

/** Which columns the table has; the address keeps them. */
export function PickColumns({ cols, onChange }: Props) {
  const shown = shownColumns(cols);
  return (
    <details className="relative">
      <summary className="min-h-11 cursor-pointer py-2 text-quiet">Columns</summary>
      <fieldset className="absolute z-30 border border-line bg-base-100 p-2 shadow-lg">
        <legend className="sr-only">Columns that are shown</legend>
        {COLUMNS.map(({ id, label }) => (
          <label key={id} className="flex min-h-11 cursor-pointer items-center gap-3 whitespace-nowrap px-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={shown.includes(id)}
              // A table of nothing but names would be no table.
              disabled={shown.length === 1 && shown[0] === id}
              onChange={() => onChange(toggled(cols, id))}
            />
            {label}
          </label>
        ))}
      </fieldset>
    </details>
  );
}
