import { useState } from "react";
import type { KitchenView } from "@/contracts/views";
import { carrierOf, saltWaterToAdd, sodiumOfTasting, type Sample } from "@/core/taste/samples";
import type { Tasting } from "@/core/taste/tasting";
import { SALTS } from "@/core/materials/lookup";
import { PickRow, pickable } from "@/ui/pick-row";
import { fixed, grams } from "@/ui/format";
import { Told } from "@/ui/measures";
import { CARRIER_HOW } from "./words";
import * as words from "@/words/taste/make-up";
import { firstOf } from "@/core/sequence";

interface Props {
  tasting: Tasting;
  samples: readonly Sample[];
  kitchen: KitchenView;
  /** The cups stand there: what is in them is put out of sight. */
  ready: boolean;
  onReady: () => void;
}

/** A scale that shows whole grams cannot weigh these: the same salt as a tenth-strong salt water, which it can. */
const WATERED = 0.1;
const EDIBLE = SALTS.filter((s) => s.foodGrade);

/** The five cups: how they are made, and what goes into each, in the order of their codes. */
export function MakeUp({ tasting, samples, kitchen, ready, onReady }: Props) {
  const salts = [...(kitchen.own.salts ?? []).filter((s) => s.foodGrade), ...EDIBLE];
  const [saltId, setSaltId] = useState(firstOf(salts).id);
  const salt = salts.find((s) => s.id === saltId) ?? firstOf(salts);
  const carrier = carrierOf(tasting.carrier);
  const inOrder = [...samples].sort((a, b) => a.code.localeCompare(b.code));
  return (
    <details key={String(ready)} open={!ready} className="border border-line bg-base-100 p-4">
      <summary className="min-h-11 cursor-pointer text-xl font-semibold">{words.makingUpTheFiveCups}</summary>
      <p className="mt-2">
        <Told>{CARRIER_HOW[tasting.carrier]}</Told>
      </p>
      <PickRow label={words.salt} items={pickable(salts, words.salts)} chosenId={saltId} onPick={setSaltId} />
      <table className="mt-2 w-full text-left text-lg">
        <thead className="text-sm text-quiet">
          <tr>
            <th scope="col">{words.cup}</th>
            <th scope="col" className="text-right">
              {words.carrier}
            </th>
            <th scope="col" className="text-right">
              {words.salt}
            </th>
            <th scope="col" className="text-right">
              {words.or10SaltWater}
            </th>
          </tr>
        </thead>
        <tbody>
          {inOrder.map((s) => (
            <tr key={s.code} className="border-t border-line">
              <th scope="row" className="figure py-1 text-2xl">
                {s.code}
              </th>
              <td className="figure text-right">{grams(s.carrierG)} g</td>
              <td className="figure text-right font-bold">{fixed(s.naclG / salt.naclFraction, 2)} g</td>
              <td className="figure text-right">
                {fixed(
                  saltWaterToAdd(s.carrierG, carrier.nativeFraction, s.fraction, WATERED * salt.naclFraction),
                  1,
                )}{" "}
                g
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm text-quiet">
        {words.theCarriersOwnSaltIs(fixed(sodiumOfTasting(carrier, tasting.way), 0))}
      </p>
      {!ready && (
        <button type="button" className="btn btn-primary mt-3 min-h-12 text-lg" onClick={onReady}>
          {words.theCupsStandReadyTaste}
        </button>
      )}
    </details>
  );
}
