"use client";

import { useMemo, useState, type ReactNode } from "react";
import { v4 as newId } from "uuid";
import type { Food, Ingredient } from "@/core/materials/types";
import { PickRow, pickable } from "@/ui/pick-row";
import { QuantityField } from "@/ui/quantity-field";
import { Modal } from "@/ui/modal";
import { SaveProblem, useSave } from "@/ui/use-save";
import { AllergenBoxes } from "./allergen-boxes";
import { ruleOf, type NumberField } from "./fields";
import * as words from "@/words/ui/own-entry/entry-dialog";
import { firstOf } from "@/core/sequence";

type Entry = Food | Ingredient;

interface Props<T extends Entry> {
  kind: "food" | "ingredient";
  /** Rows of the table to begin from, the nearest like it. */
  like: readonly T[];
  /** An entry of the kitchen's own to change; left out, a new one. */
  entry?: T | undefined;
  fields: NumberField<T>[];
  /** The facts that cautions hang on. */
  facts: (props: { entry: T; onChange: (next: T) => void }) => ReactNode;
  onClose: () => void;
  /** What it is called, where that was typed already. */
  name?: string;
  /** The row it begins from, where one is near. */
  likeId?: string | undefined;
  /** It is kept now. */
  onKept?: (entry: T) => void;
}

const TITLE = words.title;

/** An own food or ingredient: named, begun from the nearest row of the table, and changed where it differs. */
export function EntryDialog<T extends Entry>(props: Props<T>) {
  const { kind, like, entry, fields, facts: Facts, onClose, onKept } = props;
  const near = like.find((row) => row.id === props.likeId) ?? firstOf(like);
  const [draft, setDraft] = useState<T>(() => entry ?? own(near, props.name ?? ""));
  const [likeId, setLikeId] = useState(near.id);
  const likes = useMemo(() => pickable(like, words.inTheTables), [like]);
  const [unread, setUnread] = useState<string[]>([]);
  const { save, problem } = useSave();
  const named = draft.name.trim() !== "";
  const onValidity = (label: string, wrong: string | null) =>
    setUnread((all) => (wrong === null ? all.filter((l) => l !== label) : [...new Set([...all, label])]));
  const keep = async () => {
    if (!(await save("PUT", "/api/own", { kind, entry: draft }))) return;
    onKept?.(draft);
    onClose();
  };
  return (
    <Modal title={entry ? words.change(entry.name) : TITLE[kind]} onClose={onClose}>
      <div className="field-row">
        <label htmlFor="own-name">{words.name}</label>
        <input
          id="own-name"
          className="entry font-semibold"
          maxLength={120}
          value={draft.name}
          onChange={(event) => setDraft({ ...draft, name: event.target.value })}
        />
      </div>
      {!entry && (
        <PickRow
          label={words.mostLike}
          items={likes}
          chosenId={likeId}
          onPick={(id) => {
            const row = like.find((r) => r.id === id);
            if (!row) return;
            setLikeId(id);
            setDraft(own(row, draft.name));
            setUnread([]);
          }}
        />
      )}
      {fields.map((field) => {
        const value = draft[field.key as keyof T] as number | null;
        return (
          <QuantityField
            key={`${field.key}-${draft.id}`}
            label={field.label}
            unit={field.unit}
            value={value ?? 0}
            shownUnit={field.shownUnit}
            digits={field.digits}
            // Nothing known is shown as 0 and may stay so.
            rule={value === null ? { ...ruleOf(field), min: 0 } : ruleOf(field)}
            onChange={(next) =>
              setDraft({ ...draft, [field.key]: value === null && next === 0 ? null : next })
            }
            onValidity={onValidity}
          />
        );
      })}
      <Facts entry={draft} onChange={setDraft} />
      <AllergenBoxes value={draft.allergens} onChange={(allergens) => setDraft({ ...draft, allergens })} />
      <SaveProblem problem={problem} />
      <button
        type="button"
        className="btn btn-primary mt-4 min-h-11"
        disabled={!named || unread.length > 0}
        onClick={keep}
      >
        {words.keepIt}
      </button>
      {!named && <span className="ml-3 text-sm text-quiet">{words.itNeedsAName}</span>}
    </Modal>
  );
}

/** A row of the table made the kitchen's own, under a new id. */
function own<T extends Entry>(row: T, name: string): T {
  return {
    ...row,
    id: `own-${newId()}`,
    name,
    provenance: words.enteredInThisKitchen,
    fromMemory: false,
  };
}
