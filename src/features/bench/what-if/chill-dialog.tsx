"use client";

import { useState } from "react";
import type { Formulated } from "@/core/formula/formulate";
import { RANGES } from "@/core/quantity/ranges";
import { chilledToC, chillOf, HOT_C, ICE_C } from "@/core/formula/weigh/chill-brine";
import type { Formulation } from "@/core/formulation";
import { COLD_LIMIT_C } from "@/core/materials/official";
import { grams, percent } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import { Modal } from "@/ui/modal";
import { QuantityField } from "@/ui/quantity-field";
import * as words from "@/words/bench/what-if/chill-dialog";

/** Dissolve the salt in part of the water, hot; the rest goes in as ice and counts as water of the brine. */
export function ChillDialog(props: { input: Formulation; sheet: Formulated; onClose: () => void }) {
  const units = useUnits();
  const { input, sheet, onClose } = props;
  const [hotC, setHotC] = useState(HOT_C);
  const [iceC, setIceC] = useState(ICE_C);
  const [wantedC, setWantedC] = useState(() => chilledToC(input));
  const [onHandG, setOnHandG] = useState<number | null>(null);

  const plan = chillOf(input, sheet, { hotC, iceC, wantedC, ...(onHandG !== null && { iceG: onHandG }) });
  const plainG = sheet.liquids?.plainG ?? 0;
  const otherG = sheet.liquids?.otherG ?? 0;
  if (!plan)
    return (
      <Modal title={words.hotWaterAndIce} onClose={onClose}>
        <p>{words.thereIsNoPlainWater}</p>
      </Modal>
    );
  const { iceG, end, shortG } = plan;
  return (
    <Modal title={words.hotWaterAndIce} onClose={onClose}>
      <QuantityField label={words.hotWaterAt} unit="°C" value={hotC} rule={RANGES.hotC} onChange={setHotC} />
      <QuantityField label={words.iceAt} unit="°C" value={iceC} rule={RANGES.iceC} onChange={setIceC} />
      <QuantityField
        label={words.brineWantedAt}
        unit="°C"
        value={wantedC}
        rule={RANGES.chilledC}
        digits={1}
        onChange={setWantedC}
      />
      <QuantityField
        label={words.iceOnHand}
        unit="g"
        value={Math.round(iceG)}
        rule={{ ...RANGES.iceG, max: Math.max(1, Math.floor(plainG * 0.95)) }}
        step={50}
        onChange={setOnHandG}
      />
      <dl className="mt-4 grid grid-cols-2 gap-2" data-figure="chill">
        <Part term={words.hotWaterForTheSalt} figure={`${grams(plainG - iceG)} g`} />
        <Part term={words.iceToFinish} figure={`${grams(iceG)} g`} />
      </dl>
      <p className="mt-3" role="status">
        {words.itEndsAtWithG({
          temperatureC: <strong className="figure">{units.reading(end.temperatureC)}</strong>,
          saltFraction: percent(end.saltFraction),
          iceLeftKg: end.iceLeftKg,
          iceLeftG: grams(end.iceLeftKg * 1000),
        })}
      </p>
      {end.temperatureC > COLD_LIMIT_C && (
        <p role="alert" className="mt-2 border-l-4 border-error px-2 py-1">
          {words.notColdEnoughForRaw({
            shortG,
            moreIceG: grams(shortG),
            coldLimitC: units.reading(COLD_LIMIT_C),
          })}
        </p>
      )}
      {!plan.dissolvesHot && (
        <p className="mt-2 border-l-4 border-warning px-2 py-1">{words.theHotPartAloneCannot}</p>
      )}
      <p className="mt-3 text-sm text-quiet">
        {words.enthalpyBalanceIceTakes333(grams(plainG))}
        {otherG > 0 && words.theOtherGOfLiquid(grams(otherG), units.temperature(input.holding.temperatureC))}
      </p>
    </Modal>
  );
}

function Part({ term, figure }: { term: string; figure: string }) {
  return (
    <div className="border border-line bg-base-200 p-2">
      <dt className="text-sm text-quiet">{term}</dt>
      <dd className="figure text-[1.75rem] leading-tight">{figure}</dd>
    </div>
  );
}
