"use client";

import { Archive, Plus, Trash2 } from "lucide-react";
import dynamic from "next/dynamic";
import { useState } from "react";
import type { OwnKind } from "@/contracts/kitchen";
import type { KitchenView, Uses } from "@/contracts/views";
import { fixed, grams, percent } from "@/ui/format";
import { Told } from "@/ui/measures";
import { SaveProblem, useSave } from "@/ui/use-save";
import { NotYet, orMissing } from "@/ui/or-missing";
import * as words from "@/words/stores/own/own-entries";

/* Fetched when something is entered. */
const OwnEntry = dynamic(
  orMissing(async () => (await import("@/ui/own-entry/own-entry")).OwnEntry),
  { loading: NotYet },
);
const CalibrateDialog = dynamic(
  orMissing(async () => (await import("./calibrate-dialog")).CalibrateDialog),
  { loading: NotYet },
);
const VesselDialog = dynamic(
  orMissing(async () => (await import("./vessel-dialog")).VesselDialog),
  { loading: NotYet },
);

type Open = { kind: OwnKind; id?: string } | null;

/** What this kitchen added to the tables, or weighed anew. */
export function OwnEntries({ kitchen, uses }: { kitchen: KitchenView; uses: Uses }) {
  const [open, setOpen] = useState<Open>(null);
  const { save, problem } = useSave();
  const { own, vessels } = kitchen;
  const close = () => setOpen(null);
  const path = (kind: OwnKind, id: string) => `/api/own/${kind}/${encodeURIComponent(id)}`;
  /** What is in use is put away; only what nothing names is taken out. */
  const listOf = (kind: OwnKind) => ({
    usedBy: (id: string) => (uses[`${kind}/${id}`] ?? []).map((u) => u.name),
    onRemove: (id: string) => void save("DELETE", path(kind, id)),
    onPutAway: (id: string) => void save("PATCH", path(kind, id), { archived: true }),
  });
  const editing = <T extends { id: string }>(rows: readonly T[]) => rows.find((row) => row.id === open?.id);
  return (
    <section id="own" className="lg:col-span-2">
      <h2 className="text-2xl">{words.ourOwn}</h2>
      <div className="grid gap-6 sm:grid-cols-2">
        <OwnList
          title={words.saltsWeWeighed}
          add={words.weighOurSalt}
          rows={own.salts.map((s) => ({
            id: s.id,
            name: s.name,
            note: words.gMlByOurSpoon(fixed(s.densityGPerMl, 2)),
          }))}
          onAdd={() => setOpen({ kind: "salt" })}
          {...listOf("salt")}
        />
        <OwnList
          title={words.ingredients}
          add={words.addAnIngredient}
          rows={own.ingredients.map((i) => ({
            id: i.id,
            name: i.name,
            note: words.saltSugar(percent(i.saltFraction, 1), percent(i.sugarFraction, 0)),
          }))}
          onAdd={() => setOpen({ kind: "ingredient" })}
          onEdit={(id) => setOpen({ kind: "ingredient", id })}
          {...listOf("ingredient")}
        />
        <OwnList
          title={words.foods}
          add={words.addAFood}
          rows={own.foods.map((f) => ({
            id: f.id,
            name: f.name,
            note: words.gAPieceEdible(grams(f.pieceMassG), percent(f.edibleFraction, 0)),
          }))}
          onAdd={() => setOpen({ kind: "food" })}
          onEdit={(id) => setOpen({ kind: "food", id })}
          {...listOf("food")}
        />
        <OwnList
          title={words.vessels}
          add={words.addAVessel}
          rows={vessels.map((v) => ({
            id: v.id,
            name: v.name,
            note: `${fixed(v.vessel.lengthMm, 0)} × ${fixed(v.vessel.widthMm, 0)} × ${fixed(v.vessel.heightMm, 0)} mm`,
          }))}
          onAdd={() => setOpen({ kind: "vessel" })}
          onEdit={(id) => setOpen({ kind: "vessel", id })}
          {...listOf("vessel")}
        />
      </div>
      {kitchen.putAway.length > 0 && (
        <p className="pt-4">
          <span className="text-quiet">{words.archived} </span>
          {kitchen.putAway.map(({ kind, id, name }) => (
            <button
              key={`${kind}/${id}`}
              type="button"
              className="btn mr-2 min-h-11 font-normal"
              onClick={() => void save("PATCH", path(kind, id), { archived: false })}
            >
              {words.takeOutAgain(name)}
            </button>
          ))}
        </p>
      )}
      <SaveProblem problem={problem} />
      {open?.kind === "salt" && <CalibrateDialog measures={kitchen.measures} onClose={close} />}
      {open?.kind === "ingredient" && (
        <OwnEntry kind="ingredient" entry={editing(own.ingredients)} onClose={close} />
      )}
      {open?.kind === "food" && <OwnEntry kind="food" entry={editing(own.foods)} onClose={close} />}
      {open?.kind === "vessel" && <VesselDialog entry={editing(vessels)} onClose={close} />}
    </section>
  );
}

interface ListProps {
  title: string;
  add: string;
  rows: { id: string; name: string; note: string }[];
  onAdd: () => void;
  onEdit?: (id: string) => void;
  /** Names of the formulas that use it. */
  usedBy: (id: string) => string[];
  onRemove: (id: string) => void;
  onPutAway: (id: string) => void;
}

function OwnList({ title, add, rows, onAdd, onEdit, usedBy, onRemove, onPutAway }: ListProps) {
  return (
    <section aria-label={title}>
      <h3 className="text-xl">{title}</h3>
      <ul>
        {rows.map((row) => (
          <li key={row.id} className="flex items-center justify-between gap-3 border-b border-line">
            <span className="min-w-0 py-2">
              {onEdit ? (
                <button
                  type="button"
                  className="min-h-11 cursor-pointer text-left font-semibold underline"
                  onClick={() => onEdit(row.id)}
                >
                  {row.name}
                </button>
              ) : (
                <span className="font-semibold">{row.name}</span>
              )}
              <span className="block text-sm text-quiet">
                <Told>{row.note}</Told>
                {usedBy(row.id).length > 0 && words.usedIn(usedBy(row.id).join(", "))}
              </span>
            </span>
            <AwayButton
              name={row.name}
              used={usedBy(row.id).length > 0}
              onPutAway={() => onPutAway(row.id)}
              onRemove={() => onRemove(row.id)}
            />
          </li>
        ))}
      </ul>
      <button type="button" className="btn mt-2 min-h-11 font-normal" onClick={onAdd}>
        <Plus size={18} aria-hidden /> {add}
      </button>
    </section>
  );
}

/** What is in use is put away; what is not is taken out. */
function AwayButton(props: { name: string; used: boolean; onPutAway: () => void; onRemove: () => void }) {
  const Icon = props.used ? Archive : Trash2;
  return (
    <button
      type="button"
      className="btn btn-ghost min-h-11"
      aria-label={`${words.archive(props.used)} ${props.name}`}
      onClick={props.used ? props.onPutAway : props.onRemove}
    >
      <Icon size={18} aria-hidden />
    </button>
  );
}
