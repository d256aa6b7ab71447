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
import * as words from "@/words/bench/tools/cold-dialog";

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
    <Modal title={words.thawAndCooler} onClose={onClose} wide>
      <section aria-label={words.thawing}>
        <h3 className="text-lg">{words.aPieceOfGThaws(grams(pieceG))}</h3>
        <ul>
          <li data-thaw="fridge">
            {words.inTheFridgeIn(<strong className="figure">{spanText(fridge.low, fridge.high)} h</strong>)}
          </li>
          <li data-thaw="water">
            {words.inColdWaterInSealed(
              <strong className="figure">{duration(coldWaterThawMin(pieceG) / 60)}</strong>,
            )}
          </li>
        </ul>
      </section>
      <QuantityField label={words.itStandsAt} unit="°C" value={roomC} rule={ROOM} onChange={setRoomC} />
      {sheet.brine && input.pieces.thaw === "inBrine" && (
        <>
          <QuantityField
            label={words.looseIceInTheBath}
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
      <p className="mt-3 text-sm text-quiet">{words.thawTimesUsdaFsisFrom}</p>
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
    <section aria-label={words.frozenFoodInTheBath}>
      <h3 className="text-lg">{words.frozenFoodInThisBath}</h3>
      <BathChart curve={curve} />
      <p role="status" data-figure="bath-curve">
        {curve.warmFromH === undefined
          ? words.theBathStaysAtOr(units.temperature(4), duration(plan.hours))
          : words.theBathIsAboveFrom(units.temperature(4), roughly(curve.warmFromH))}{" "}
        {curve.thawedH === undefined
          ? words.theMiddleIsStillFrozen(duration(plan.hours))
          : words.theMiddleHasThawedAfter(roughly(curve.thawedH))}
      </p>
      {curve.warmFromH !== undefined && (
        <p role="alert" className="mt-2 border-l-4 border-error px-2 py-1">
          {words.notThisWayTheSame(
            units.temperature(4),
            safeIceG === undefined ? words.moreIceThanThisBath : words.gOfIceInThe(grams(safeIceG)),
          )}
        </p>
      )}
    </section>
  );
}

function BathChart({ curve }: { curve: FrozenBathCurve }) {
  const units = useUnits();
  return (
    <div className="h-56" role="img" aria-label={words.temperatureOfBathAndFood}>
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
      <p className="sr-only">{words.bathSurfaceAndCentreOf(units.reading(WARM_C))}</p>
    </div>
  );
}

/** The same ice as in the acts of its program. */
function IceForTheCooler({ input, roomC }: Pick<Props, "input"> & { roomC: number }) {
  const { meltsG, firstG, topUpG, allG, looksAtH } = coolerIce({ input, soakH: input.pullH }, roomC);
  return (
    <section aria-label={words.iceForTheCooler}>
      <h3 className="text-lg">{words.iceForInTheCooler(duration(input.pullH))}</h3>
      <p data-figure="cooler">
        {words.aboutMeltsHaveInThe({
          meltsG: <strong className="figure">{grams(meltsG)} g</strong>,
          allG: <strong className="figure">{grams(allG)} g</strong>,
          firstG: <strong className="figure">{grams(firstG)} g</strong>,
        })}
      </p>
      {topUpG > 0 && (
        <ul>
          {looksAtH.map((hour) => (
            <li key={hour}>
              {words.afterGMore(duration(hour), <span className="figure">{grams(topUpG)}</span>)}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
