"use client";

import type { SittingRequest } from "@/core/schedule/request";
import { capital, grams } from "@/ui/format";
import { Told } from "@/ui/measures";
import { allergenName } from "@/ui/names";
import { VESSEL_SHAPES } from "@/ui/vessel-words";
import { useProvisions } from "./use-provisions";
import * as words from "@/words/sitting/provisions";

const SHAPE_WORDS = Object.fromEntries(VESSEL_SHAPES.map(({ value, label }) => [value, label]));

/** What to buy and weigh for all dishes together, and who must not eat which. */
export function Provisions(props: {
  request: SittingRequest;
  soakH?: Readonly<Record<string, number>> | undefined;
}) {
  const { request, soakH } = props;
  const found = useProvisions(request, soakH);
  if (!found || found.foods.length === 0) return null;
  const { lines, foods, dishes, vessels, iceG } = found;
  return (
    <section aria-label={words.shoppingAndWeighingOut} className="mt-6">
      <h2 className="text-xl">{words.toBuyAndWeighAll}</h2>
      <ul className="columns-1 gap-8 md:columns-2">
        {[...foods, ...lines].map((line) => (
          <li
            key={line.id}
            className="flex justify-between gap-3 border-b border-dotted border-line py-1"
            data-provision={line.id}
          >
            <span>
              {capital(line.name)}
              {line.dishes.length > 1 && (
                <span className="text-sm text-quiet"> · {words.dishes(line.dishes.length)}</span>
              )}
            </span>
            <span className="figure text-xl">{grams(line.massG)} g</span>
          </li>
        ))}
      </ul>
      {iceG.brines + iceG.coolers > 0 && (
        <p className="mt-2 text-lg" data-provision="ice">
          {words.ice(
            <b className="figure">{grams(iceG.brines + iceG.coolers)} g</b>,
            <span className="text-quiet">
              {" "}
              {words.gOfItWaterOf(grams(iceG.brines), grams(iceG.coolers))}
            </span>,
          )}
        </p>
      )}
      {vessels.length > 0 && (
        <>
          <h2 className="mt-4 text-xl">{words.toStandIn}</h2>
          <ul>
            {vessels.map(({ dish, vessel }) => (
              <li
                key={dish}
                className="flex flex-wrap justify-between gap-x-4 border-b border-dotted border-line py-1"
              >
                <span className="font-semibold">{dish}</span>
                <span>
                  {SHAPE_WORDS[vessel.shape]},{" "}
                  <span className="figure">
                    <Told>{`${vessel.lengthMm} × ${vessel.widthMm} × ${vessel.heightMm} mm`}</Told>
                  </span>
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <h2 className="mt-4 text-xl">{words.whoEatsWhat}</h2>
      <ul>
        {dishes.map((dish) => (
          <li
            key={dish.id}
            className="flex flex-wrap justify-between gap-x-4 border-b border-dotted border-line py-1"
          >
            <span className="font-semibold">{dish.name}</span>
            <span>
              {dish.allergens.map(allergenName).join(", ") || words.noAllergensInTheTables}
              {dish.maybe.length > 0 && (
                <span className="text-quiet">
                  {" "}
                  {words.readTheLabel(dish.maybe.map(allergenName).join(", "))}
                </span>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
