"use client";

import { useMemo, useState } from "react";
import { Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from "recharts";
import type { Formulated } from "@/core/formula/formulate";
import { RANGES } from "@/core/quantity/ranges";
import { coldPlan } from "@/core/formula/soak/cold-plan";
import type { Formulation } from "@/core/formulation";
import { WARM_C, type FrozenBathCurve } from "@/core/heat/frozen-bath";
import { coldWaterThawMin, fridgeThawH } from "@/core/heat/thaw";
import { coolerIce, USUAL_ROOM_C } from "@/core/program/cooler-ice";
import { spanText } from "@/core/quantity/said";
import type { QuantityRule } from "@/core/quantity/parse";
import { duration, fixed, grams, roughly } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import { Modal } from "@/ui/modal";
import { QuantityField } from "@/ui/quantity-field";

const ROOM: QuantityRule = { dimension: "temperature", min: -5, max: 45 };
const TICK = { fill: "var(--quiet)", fontSize: 13 };

interface Props {
  input: Formulation;
  sheet: Formulated;
  onClose: () => void;
}

/** Thawing, and a cooler's ice: how cold it stays, for how long, and what the safe way takes. */
export function ColdDialog({ input, sheet, onClose }: Props) {
  const inFridge = input.holding.place === "fridge";
  const [roomC, setRoomC] = useState(inFridge ? input.holding.temperatureC : USUAL_ROOM_C);
  const [iceG, setIceG] = useState(0);
  const pieceG = input.pieces.totalMassG / input.pieces.count;
  const fridge = fridgeThawH(pieceG);
  return (
    <Modal title="Thaw and cooler" onClose={onClose} wide>
      <section aria-label="Thawing">
        <h3 className="text-lg">A piece of {grams(pieceG)} g thaws</h3>
        <ul>
          <li data-thaw="fridge">
            in the fridge in <strong className="figure">{spanText(fridge.low, fridge.high)} h</strong>
          </li>
          <li data-thaw="water">
            in cold water in <strong className="figure">{duration(coldWaterThawMin(pieceG) / 60)}</strong>,
            sealed, the water changed every 30 min, and cooked at once
          </li>
        </ul>
      </section>
      <QuantityField label="It stands at" unit="°C" value={roomC} rule={ROOM} onChange={setRoomC} />
      {sheet.brine && input.pieces.thaw === "inBrine" && (
        <>
          <QuantityField
            label="Loose ice in the bath"
            unit="g"
            value={iceG}
            rule={RANGES.iceG}
            step={500}
            onChange={setIceG}
          />
          <FrozenInBath input={input} sheet={sheet} roomC={roomC} iceG={iceG} />
        </>
      )}
      {input.holding.place === "cooler" && <IceForTheCooler input={input} roomC={roomC} />}
      <p className="mt-3 text-sm text-quiet">
        Thaw times: USDA FSIS (from memory). Heat balance with walls and films from practice (estimates): a
        thermometer in the bath decides. Follow your local food code.
      </p>
    </Modal>
  );
}

function FrozenInBath({
  input,
  sheet,
  roomC,
  iceG,
}: Omit<Props, "onClose"> & { roomC: number; iceG: number }) {
  const plan = useMemo(() => coldPlan(input, sheet, roomC, iceG), [input, sheet, roomC, iceG]);
  const { curve, safeIceG } = plan;
  const units = useUnits();
  return (
    <section aria-label="Frozen food in the bath">
      <h3 className="text-lg">Frozen food in this bath</h3>
      <BathChart curve={curve} />
      <p role="status" data-figure="bath-curve">
        {curve.warmFromH === undefined
          ? `The bath stays at or under ${units.temperature(4)} for all ${duration(plan.hours)}.`
          : `The bath is above ${units.temperature(4)} from ${roughly(curve.warmFromH)} on.`}{" "}
        {curve.thawedH === undefined
          ? `The middle is still frozen after ${duration(plan.hours)}.`
          : `The middle has thawed after ${roughly(curve.thawedH)}.`}
      </p>
      {curve.warmFromH !== undefined && (
        <p role="alert" className="mt-2 border-l-4 border-error px-2 py-1">
          Not this way. The same in the fridge at {units.temperature(4)} or below, or in a cooler with a
          thermometer and{" "}
          {safeIceG === undefined
            ? "more ice than this bath can hold"
            : `${grams(safeIceG)} g of ice in the bath, topped up`}
          .
        </p>
      )}
    </section>
  );
}

function BathChart({ curve }: { curve: FrozenBathCurve }) {
  const units = useUnits();
  return (
    <div className="h-56" role="img" aria-label="Temperature of bath and food over the hours">
      <ResponsiveContainer>
        <LineChart data={curve.moments} margin={{ left: 0, right: 12, top: 8, bottom: 4 }}>
          <XAxis
            dataKey="hour"
            type="number"
            domain={[0, "dataMax"]}
            tick={TICK}
            unit=" h"
            tickFormatter={(h: number) => fixed(h, 0)}
          />
          <YAxis tick={TICK} width={60} tickFormatter={(c: number) => units.temperature(c)} />
          <ReferenceLine y={WARM_C} stroke="var(--color-error)" strokeDasharray="6 4" />
          <Line
            dataKey="bathC"
            name="bath"
            stroke="var(--color-primary)"
            dot={false}
            strokeWidth={3}
            isAnimationActive={false}
          />
          <Line
            dataKey="surfaceC"
            name="surface"
            stroke="var(--hatch)"
            dot={false}
            strokeWidth={2}
            isAnimationActive={false}
          />
          <Line
            dataKey="centreC"
            name="centre"
            stroke="var(--iron)"
            strokeDasharray="5 4"
            dot={false}
            strokeWidth={2}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
      <p className="sr-only">
        Bath, surface and centre of the food; the dashed line is {units.reading(WARM_C)}.
      </p>
    </div>
  );
}

/** The same ice as in the acts of its program. */
function IceForTheCooler({ input, roomC }: Pick<Props, "input"> & { roomC: number }) {
  const { meltsG, firstG, topUpG, allG, looksAtH } = coolerIce({ input, soakH: input.pullH }, roomC);
  return (
    <section aria-label="Ice for the cooler">
      <h3 className="text-lg">Ice for {duration(input.pullH)} in the cooler</h3>
      <p data-figure="cooler">
        About <strong className="figure">{grams(meltsG)} g</strong> melts; have{" "}
        <strong className="figure">{grams(allG)} g</strong> in the house. Begin with{" "}
        <strong className="figure">{grams(firstG)} g</strong>, in sealed bags so that it does not weaken the
        brine.
      </p>
      {topUpG > 0 && (
        <ul>
          {looksAtH.map((hour) => (
            <li key={hour}>
              after {duration(hour)}: <span className="figure">{grams(topUpG)}</span> g more
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
