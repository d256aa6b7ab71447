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
import * as words from "@/words/bench/tools/scale-dialog";

const FACTOR: QuantityRule = { dimension: "none", min: 0.25, max: 10 };

const GROWTHS: { value: Growth; label: string; note: string }[] = [
  { value: "morePieces", label: words.morePieces, note: words.sameSizeSameTime },
  { value: "largerPieces", label: words.largerPieces, note: words.thickerSoLonger },
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
  const hours = (h: number | undefined) => (h === undefined ? words.over4Days : roughly(h));
  return (
    <Modal title={words.moreFood} onClose={onClose}>
      <QuantityField
        label={words.timesAsMuch}
        unit="×"
        value={factor}
        rule={FACTOR}
        digits={2}
        onChange={setFactor}
      />
      <Choice label={words.asWhat} value={growth} options={GROWTHS} onChange={setGrowth} />
      {preview ? (
        <>
          <table className="mt-2 w-full">
            <thead>
              <tr className="border-b border-base-content text-left">
                <th scope="col">{words.line}</th>
                <th scope="col" className="text-right">
                  {words.nowG}
                </th>
                <th scope="col" className="text-right">
                  {words.thenG}
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
                  {words.readyFrom}
                </th>
                <td className="figure text-right">{hours(preview.readyBeforeH)}</td>
                <td className="figure text-right text-lg">{hours(preview.readyAfterH)}</td>
                <td />
              </tr>
            </tbody>
          </table>
          {preview.overflowMl > 0 && (
            <p role="alert" className="mt-2 border-l-4 border-warning px-2 py-1">
              {words.itNoLongerGoesInto(grams(preview.overflowMl))}
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
            {words.useThisMuch}
          </button>
        </>
      ) : (
        <p role="alert">{words.theSumsDoNotWork}</p>
      )}
    </Modal>
  );
}
