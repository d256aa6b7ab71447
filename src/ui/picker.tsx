"use client";

import { useCombobox } from "downshift";
import { useMemo, useState } from "react";
import * as wording from "@/words/ui/picker";

export interface Pickable {
  id: string;
  name: string;
  /** Under which heading it stands. */
  group: string;
  /** Other words it is found by. */
  also?: string;
}

interface Props {
  label: string;
  /** Within a sentence, or a row of fields. */
  look?: "inPlace" | "row";
  items: readonly Pickable[];
  /** What is chosen now; left out, the field is for adding and empties itself. */
  chosenId?: string | undefined;
  onPick: (id: string) => void;
  placeholder?: string;
  /** Stands at the foot of the list: what was typed becomes an entry of the kitchen's own. */
  onAdd?: (typed: string) => void;
}

/** Of no list: the foot itself. */
const ADD = "add-our-own";

/** A list longer than this is searched, not read. */
const MOST_SHOWN = 400;

/** All letters and words typed must be in the name or its other words; what begins with them comes first. */
function found(items: readonly Pickable[], text: string): Pickable[] {
  const words = plain(text).split(/\s+/).filter(Boolean);
  const [first] = words;
  if (first === undefined) return items.slice(0, MOST_SHOWN);
  const hits = items.filter((item) => {
    const all = plain(`${item.name} ${item.also ?? ""}`);
    return words.every((word) => all.includes(word));
  });
  const rank = (item: Pickable) => (plain(item.name).startsWith(first) ? 0 : 1);
  return hits.sort((a, b) => rank(a) - rank(b)).slice(0, MOST_SHOWN);
}

const plain = (text: string) => text.toLowerCase().normalize("NFD").replace(/\p{M}/gu, "");

const addName = (typed: string) =>
  typed.trim() === "" ? wording.addOurOwn : wording.addAsOurOwn(typed.trim());

/**
 * A field to search in, with the list beneath: typing commits nothing until an entry is chosen, and leaving the field puts
 * back what stood there.
 */
export function Picker({ label, items, chosenId, onPick, placeholder, onAdd, look = "inPlace" }: Props) {
  const chosen = items.find((item) => item.id === chosenId);
  const [text, setText] = useState("");
  const [searching, setSearching] = useState(false);
  const hits = useMemo(() => found(items, searching ? text : ""), [items, searching, text]);
  const shown = onAdd ? [...hits, { id: ADD, name: addName(text), group: wording.notHere }] : hits;
  const box = useCombobox<Pickable>({
    items: shown,
    itemToString: (item) => item?.name ?? "",
    inputValue: searching ? text : (chosen?.name ?? ""),
    selectedItem: chosen ?? null,
    onInputValueChange: ({ inputValue, type }) => {
      if (type === useCombobox.stateChangeTypes.InputChange) setText(inputValue);
    },
    onIsOpenChange: ({ isOpen }) => {
      setSearching(isOpen);
      setText("");
    },
    onSelectedItemChange: ({ selectedItem }) =>
      selectedItem && (selectedItem.id === ADD ? onAdd?.(text.trim()) : onPick(selectedItem.id)),
    stateReducer: (_, { type, changes }) =>
      // Leaving the field chooses nothing.
      type === useCombobox.stateChangeTypes.InputBlur
        ? { ...changes, selectedItem: chosen ?? null }
        : changes,
  });
  return (
    <span className={`relative ${look === "row" ? "block min-w-0 flex-1" : "inline-block max-w-full"}`}>
      <input
        {...box.getInputProps({ "aria-label": label, onFocus: () => box.openMenu() })}
        className={look === "row" ? "entry w-full font-semibold" : "entry-in-place"}
        placeholder={placeholder}
        autoComplete="off"
        size={Math.max(
          6,
          (searching ? text || (chosen?.name ?? "") : (chosen?.name ?? placeholder ?? "")).length,
        )}
      />
      <ul
        {...box.getMenuProps({ "aria-label": wording.whatThereIs(label) })}
        className={`absolute top-full left-0 z-40 max-h-96 w-80 max-w-[85vw] overflow-y-auto border border-base-content bg-base-100 font-sans text-base font-normal shadow-lg ${box.isOpen ? "" : "hidden"}`}
      >
        {box.isOpen && shown.length === 0 && (
          <li className="p-3 text-quiet">{wording.nothingIsCalledThatHere}</li>
        )}
        {box.isOpen &&
          shown.map((item, index) => (
            <li key={item.id} {...box.getItemProps({ item, index })}>
              {(index === 0 || shown[index - 1]?.group !== item.group) && (
                <span className="block bg-base-200 px-3 pt-1 text-sm text-quiet" aria-hidden>
                  {item.group}
                </span>
              )}
              <span
                className={`block cursor-pointer px-3 py-2 ${box.highlightedIndex === index ? "bg-neutral text-neutral-content" : ""} ${item.id === chosenId ? "font-semibold" : ""}`}
              >
                {item.name}
              </span>
            </li>
          ))}
      </ul>
    </span>
  );
}
