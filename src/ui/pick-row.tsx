import { Picker, type Pickable } from "./picker";

interface Props {
  label: string;
  items: readonly Pickable[];
  chosenId?: string;
  onPick: (id: string) => void;
  placeholder?: string;
}

/** A field to search in, in a row with its label: for what is too many to be read through. */
export function PickRow(props: Props) {
  return (
    <div className="field-row">
      <span className="max-w-3/5 shrink-0">{props.label}</span>
      <Picker look="row" {...props} />
    </div>
  );
}

/** Rows of a table under one heading. */
export const pickable = (rows: readonly { id: string; name: string }[], group: string): Pickable[] =>
  rows.map(({ id, name }) => ({ id, name, group }));
