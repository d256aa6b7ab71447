import { Plus, Trash2 } from "lucide-react";
import { ALONGSIDE_MAX, RANGES } from "@/core/quantity/ranges";
import type { Alongside } from "@/core/formulation";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "./panel";
import * as words from "@/words/bench/panels/alongside-fields";

/** Pieces of the same food and other sizes in the same vessel: they share the salt, and keep their own hours. */
export function AlongsideFields({
  value,
  change,
  onValidity,
}: Pick<PanelProps, "value" | "change" | "onValidity">) {
  const others = value.alongside ?? [];
  const set = (next: Alongside[]) => change((f) => ({ ...f, alongside: next.length > 0 ? next : undefined }));
  const edit = (index: number, part: Partial<Alongside>) =>
    set(others.map((other, i) => (i === index ? { ...other, ...part } : other)));
  const { pieces } = value;
  const add = () =>
    set([
      ...others,
      {
        count: 1,
        totalMassG: Math.round(pieces.totalMassG / pieces.count / 2),
        thicknessMm: Math.round(pieces.thicknessMm * 0.75),
      },
    ]);
  return (
    <>
      {others.map((other, index) => {
        const name = words.size(index + 2);
        return (
          <div key={index} className="my-1 border-l-4 border-line pl-2">
            <QuantityField
              label={words.pieces(name)}
              unit=""
              value={other.count}
              rule={RANGES.count}
              onChange={(count) => edit(index, { count })}
              onValidity={onValidity}
            />
            <QuantityField
              label={words.weightOfAllPieces(name)}
              unit="g"
              value={other.totalMassG}
              rule={RANGES.totalMassG}
              step={10}
              onChange={(totalMassG) => edit(index, { totalMassG })}
              onValidity={onValidity}
            />
            <QuantityField
              label={words.thickest(name)}
              unit="mm"
              value={other.thicknessMm}
              rule={RANGES.thicknessMm}
              onChange={(thicknessMm) => edit(index, { thicknessMm })}
              onValidity={onValidity}
            />
            <button
              type="button"
              className="btn btn-ghost min-h-11 w-full justify-start px-0 font-normal"
              onClick={() => set(others.filter((_, i) => i !== index))}
            >
              <Trash2 size={18} aria-hidden /> {words.remove(name.toLowerCase())}
            </button>
          </div>
        );
      })}
      {others.length < ALONGSIDE_MAX && (
        <button type="button" className="btn my-2 min-h-11 w-full font-normal" onClick={add}>
          <Plus size={18} aria-hidden /> {words.piecesOfAnotherSize}
        </button>
      )}
    </>
  );
}
