"use client";

import { useMemo, useState } from "react";
import { scaled, scalePreview, type Growth } from "@/core/formula/change/scale";
import type { Formulation } from "@/core/formulation";
import type { QuantityRule } from "@/core/quantity/parse";
import { Choice } from "@/ui/choice";
import { capital, grams, roughly } from "@/ui/format";
import { Modal } from "@/ui/modal";
import { LAW_NAME } from "@/ui/names";
import { QuantityField } from "@/ui/quantity-field";

const FACTOR: QuantityRule = { dimension: "none", min: 0.25, max: 10 };

const GROWTHS: { value: Growth; label: string; note: string }[] = [
  { value: "morePieces", label: "More pieces", note: "same size, same time" },
  { value: "largerPieces", label: "Larger pieces", note: "thicker, so longer" },
];

interface Props {
  input: Formulation;
  change: (edit: (f: Formulation) => Formulation) => void;
  onClose: () => void;
}

/** What every line becomes for more food, side by side: scaling is not one rule. */
export function ScaleDialog({ input, change, onClose }: Props) {
  const [factor, setFactor] = useState(2);
  const [growth, setGrowth] = useState<Growth>("morePieces");
  const preview = useMemo(() => scalePreview(input, factor, growth), [input, factor, growth]);
  const hours = (h: number | undefined) => (h === undefined ? "over 4 d" : roughly(h));
  return (
    <Modal title="More food" onClose={onClose}>
      <QuantityField
        label="Times as much"
        unit="×"
        value={factor}
        rule={FACTOR}
        digits={2}
        onChange={setFactor}
      />
      <Choice label="As what" value={growth} options={GROWTHS} onChange={setGrowth} />
      {preview ? (
        <>
          <table className="mt-2 w-full">
            <thead>
              <tr className="border-b border-base-content text-left">
                <th scope="col">Line</th>
                <th scope="col" className="text-right">
                  now, g
                </th>
                <th scope="col" className="text-right">
                  then, g
                </th>
                <th scope="col" className="text-right">
                  ×
                </th>
              </tr>
            </thead>
            <tbody>
              {preview.lines.map((line) => (
                <tr key={line.id} className="border-b border-line" data-scaled={line.name}>
                  <th scope="row" className="py-1 text-left font-normal">
                    {capital(line.name)}{" "}
                    <span className="text-sm text-quiet">
                      {LAW_NAME[line.scalesWith as keyof typeof LAW_NAME]}
                    </span>
                  </th>
                  <td className="figure text-right">{grams(line.beforeG)}</td>
                  <td className="figure text-right text-lg">{grams(line.afterG)}</td>
                  <td className="figure text-right">
                    {line.beforeG > 0 ? (line.afterG / line.beforeG).toFixed(2) : "–"}
                  </td>
                </tr>
              ))}
              <tr>
                <th scope="row" className="py-1 text-left font-semibold">
                  Ready from
                </th>
                <td className="figure text-right">{hours(preview.readyBeforeH)}</td>
                <td className="figure text-right text-lg">{hours(preview.readyAfterH)}</td>
                <td />
              </tr>
            </tbody>
          </table>
          {preview.overflowMl > 0 && (
            <p role="alert" className="mt-2 border-l-4 border-warning px-2 py-1">
              It no longer goes into this vessel: {grams(preview.overflowMl)} ml over the rim.
            </p>
          )}
          <button
            type="button"
            className="btn btn-primary mt-4 min-h-11"
            onClick={() => {
              change((f) => scaled(f, factor, growth));
              onClose();
            }}
          >
            Use this much
          </button>
        </>
      ) : (
        <p role="alert">
          The sums do not work out for that much. Try a smaller step, or mend the Bench first.
        </p>
      )}
    </Modal>
  );
}
