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
      <Modal title="Hot water and ice" onClose={onClose}>
        <p>There is no plain water in this brine to divide.</p>
      </Modal>
    );
  const { iceG, end, shortG } = plan;
  return (
    <Modal title="Hot water and ice" onClose={onClose}>
      <QuantityField label="Hot water at" unit="°C" value={hotC} rule={RANGES.hotC} onChange={setHotC} />
      <QuantityField label="Ice at" unit="°C" value={iceC} rule={RANGES.iceC} onChange={setIceC} />
      <QuantityField
        label="Brine wanted at"
        unit="°C"
        value={wantedC}
        rule={RANGES.chilledC}
        digits={1}
        onChange={setWantedC}
      />
      <QuantityField
        label="Ice on hand"
        unit="g"
        value={Math.round(iceG)}
        rule={{ ...RANGES.iceG, max: Math.max(1, Math.floor(plainG * 0.95)) }}
        step={50}
        onChange={setOnHandG}
      />
      <dl className="mt-4 grid grid-cols-2 gap-2" data-figure="chill">
        <Part term="Hot water, for the salt" figure={`${grams(plainG - iceG)} g`} />
        <Part term="Ice, to finish" figure={`${grams(iceG)} g`} />
      </dl>
      <p className="mt-3" role="status">
        It ends at <strong className="figure">{units.reading(end.temperatureC)}</strong>,{" "}
        {percent(end.saltFraction)} %
        {end.iceLeftKg > 0.001 ? `, with ${grams(end.iceLeftKg * 1000)} g of ice left` : ", all ice melted"}.
      </p>
      {end.temperatureC > COLD_LIMIT_C && (
        <p role="alert" className="mt-2 border-l-4 border-error px-2 py-1">
          Not cold enough for raw food:{" "}
          {shortG > 0 ? `${grams(shortG)} g more ice of the same water, or ` : ""}
          chill it in the fridge to {units.reading(COLD_LIMIT_C)} first.
        </p>
      )}
      {!plan.dissolvesHot && (
        <p className="mt-2 border-l-4 border-warning px-2 py-1">
          The hot part alone cannot hold all the salt: stir till the ice has melted and the rest dissolves.
        </p>
      )}
      <p className="mt-3 text-sm text-quiet">
        Enthalpy balance: ice takes 333.55 kJ/kg to melt (CRC Handbook, from memory); no heat lost to air or
        vessel. The ice is part of the {grams(plainG)} g of water on the sheet.
        {otherG > 0 &&
          ` The other ${grams(otherG)} g of liquid goes in at ${units.temperature(input.holding.temperatureC)} and counts in both figures.`}
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
