"use client";

import { useState } from "react";
import { buyFor, boughtOf, portionsFrom, servingG, type Appetite } from "@/core/formula/change/buy";
import type { Formulated } from "@/core/formula/formulate";
import { RANGES } from "@/core/quantity/ranges";
import type { Formulation } from "@/core/formulation";
import type { QuantityRule } from "@/core/quantity/parse";
import { Choice } from "@/ui/choice";
import { grams } from "@/ui/format";
import { Modal } from "@/ui/modal";
import { QuantityField } from "@/ui/quantity-field";
import * as words from "@/words/bench/tools/buy-dialog";

const APPETITES: { value: Appetite; label: string }[] = [
  { value: "light", label: words.light },
  { value: "usual", label: words.usual },
  { value: "hearty", label: words.hearty },
];

const LEFTOVERS: QuantityRule = { dimension: "none", min: 0, max: 200 };

interface Props {
  input: Formulation;
  sheet: Formulated;
  change: (edit: (f: Formulation) => Formulation) => void;
  onClose: () => void;
}

/** From eaters to the mass to buy, bone and trim included, and from a mass to eaters. */
export function BuyDialog({ input, sheet, change, onClose }: Props) {
  const { food } = sheet;
  const [portions, setPortions] = useState(input.portions);
  const [appetite, setAppetite] = useState<Appetite>("usual");
  const [leftovers, setLeftovers] = useState(0);
  const [haveG, setHaveG] = useState(Math.round(sheet.foodG));
  const buy = buyFor(food, portions, appetite, leftovers / 100);
  const have = boughtOf(food, haveG);
  return (
    <Modal title={words.buy(food.name)} onClose={onClose}>
      <Choice label={words.appetite} value={appetite} options={APPETITES} onChange={setAppetite} />
      <QuantityField
        label={words.eaters}
        unit=""
        value={portions}
        rule={RANGES.portions}
        onChange={setPortions}
      />
      <QuantityField
        label={words.toHaveOver}
        unit="%"
        value={leftovers}
        rule={LEFTOVERS}
        step={10}
        onChange={setLeftovers}
      />
      <dl className="my-3 grid grid-cols-2 gap-2" data-figure="buy">
        <div className="border border-line bg-base-200 p-2">
          <dt className="text-sm text-quiet">{words.buyAsBought}</dt>
          <dd className="figure text-[1.75rem] leading-tight">{grams(buy.rawG)} g</dd>
        </div>
        <div className="border border-line bg-base-200 p-2">
          <dt className="text-sm text-quiet">{words.ofItToEat}</dt>
          <dd className="figure text-[1.75rem] leading-tight">{grams(buy.edibleG)} g</dd>
        </div>
      </dl>
      <p className="text-sm">
        {words.aboutPiecesOfTheUsual({
          pieces: buy.pieces,
          pieceMassG: grams(food.pieceMassG),
          boneG: grams(buy.boneG),
          trimG: grams(buy.trimG),
          food: grams(servingG(food, appetite)),
        })}
      </p>
      <h3 className="mt-4 text-lg">{words.theOtherWayRound}</h3>
      <QuantityField
        label={words.iHave}
        unit="g"
        value={haveG}
        rule={RANGES.totalMassG}
        step={100}
        onChange={setHaveG}
      />
      <p data-figure="feeds">
        {words.thatFeedsWithGTo(
          <strong className="figure">{portionsFrom(food, haveG, appetite)}</strong>,
          grams(have.edibleG),
        )}
      </p>
      <button
        type="button"
        className="btn btn-primary mt-4 min-h-11"
        onClick={() => {
          change((f) => ({
            ...f,
            portions,
            pieces: { ...f.pieces, totalMassG: Math.round(buy.rawG), count: Math.max(1, buy.pieces) },
          }));
          onClose();
        }}
      >
        {words.putGOnTheBench(grams(buy.rawG))}
      </button>
    </Modal>
  );
}
