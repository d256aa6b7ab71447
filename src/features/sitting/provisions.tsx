"use client";

import type { SittingRequest } from "@/core/schedule/request";
import { provisionsOf } from "@/core/schedule/provisions";
import { capital, grams } from "@/ui/format";
import { useMemo } from "react";

/** What to buy and weigh for all dishes together, and who must not eat which. */
export function Provisions({ request }: { request: SittingRequest }) {
  const { lines, foods, dishes } = useMemo(() => provisionsOf(request), [request]);
  if (foods.length === 0) return null;
  return (
    <section aria-label="Shopping and weighing out" className="mt-6">
      <h2 className="text-xl">To buy and weigh, all together</h2>
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
                <span className="text-sm text-quiet"> · {line.dishes.length} dishes</span>
              )}
            </span>
            <span className="figure text-xl">{grams(line.massG)} g</span>
          </li>
        ))}
      </ul>
      <h2 className="mt-4 text-xl">Who eats what</h2>
      <ul>
        {dishes.map((dish) => (
          <li
            key={dish.id}
            className="flex flex-wrap justify-between gap-x-4 border-b border-dotted border-line py-1"
          >
            <span className="font-semibold">{dish.name}</span>
            <span>
              {dish.allergens.join(", ") || "no allergens in the tables"}
              {dish.maybe.length > 0 && (
                <span className="text-quiet"> · read the label: {dish.maybe.join(", ")}</span>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
