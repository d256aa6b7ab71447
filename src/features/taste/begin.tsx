"use client";

import { Plus } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { v4 as newId } from "uuid";
import type { TastingView } from "@/contracts/taste";
import type { KitchenView } from "@/contracts/views";
import { CARRIERS, carrierOf, type CarrierId, type TastingWay } from "@/core/taste/samples";
import { whyNotTaste } from "@/core/taste/who";
import { Choice, Select, Toggle } from "@/ui/choice";
import { SaveProblem, useSave } from "@/ui/use-save";
import { CARRIER_NAME, sayWhyNot } from "./words";
import * as words from "@/words/taste/begin";

interface Taster {
  id: string;
  name: string;
  tastes: boolean;
}

const CARRIER_OPTIONS = CARRIERS.map((c) => ({ value: c.id, label: CARRIER_NAME[c.id] }));
const WAY_OPTIONS: { value: TastingWay; label: string; note: string }[] = [
  { value: "pairs", label: words.byPairs, note: words.tenEachNearer },
  { value: "liking", label: words.oneByOne, note: words.fiveEachQuick },
];

/** Who tastes, and what: whoever should not is said at once, with why. */
export function Begin({ kitchen }: { kitchen: KitchenView }) {
  const router = useRouter();
  const { ask, problem } = useSave();
  const known = kitchen.limits.eaters;
  const [carrier, setCarrier] = useState<CarrierId>("potato");
  const [way, setWay] = useState<TastingWay>("pairs");
  const [spits, setSpits] = useState(false);
  const [tasters, setTasters] = useState<Taster[]>(() =>
    known.length > 0
      ? known.map(({ id, name }) => ({ id, name, tastes: true }))
      : [{ id: newId(), name: words.table1, tastes: true }],
  );
  const change = (id: string, part: Partial<Taster>) =>
    setTasters(tasters.map((t) => (t.id === id ? { ...t, ...part } : t)));
  const barred = (id: string) => {
    const eater = known.find((e) => e.id === id);
    return eater && whyNotTaste(eater, carrierOf(carrier), way, spits);
  };
  const going = tasters.filter((t) => t.tastes && t.name.trim() !== "" && !barred(t.id));
  return (
    <form
      aria-label={words.aNewTasting}
      onSubmit={async (event) => {
        event.preventDefault();
        const eaters = going.map(({ id, name }) => ({ id, name: name.trim() }));
        const begun = await ask<TastingView>("POST", "/api/tastings", { carrier, way, spits, eaters });
        if (begun) router.push(`/record/taste/${begun.value.id}`);
      }}
    >
      <h2 className="text-2xl">{words.aNewTasting}</h2>
      <p className="max-w-prose">{words.fiveSmallSamplesFrom0}</p>
      <Choice label={words.how} value={way} options={WAY_OPTIONS} onChange={setWay} />
      <Select label={words.tastedIn} value={carrier} options={CARRIER_OPTIONS} onChange={setCarrier} />
      <Toggle label={words.theySpitOutAsTasters} value={spits} onChange={setSpits} />
      <h3 className="mt-2 text-xl">{words.whoTastes}</h3>
      <ul>
        {tasters.map((t) => {
          const not = barred(t.id);
          return (
            <li key={t.id} className="flex min-h-12 flex-wrap items-center gap-x-3 border-b border-line py-1">
              <input
                type="checkbox"
                className="size-6"
                aria-label={words.tastes(t.name || words.thisOne)}
                checked={t.tastes && !not}
                disabled={not !== undefined}
                onChange={(e) => change(t.id, { tastes: e.target.checked })}
              />
              {known.some((e) => e.id === t.id) ? (
                <span className="flex-1">{t.name}</span>
              ) : (
                <input
                  className="entry flex-1 !text-left"
                  aria-label={words.name}
                  value={t.name}
                  maxLength={60}
                  onChange={(e) => change(t.id, { name: e.target.value })}
                />
              )}
              {not && <span className="basis-full pl-9 text-sm text-quiet">{sayWhyNot(not)}</span>}
            </li>
          );
        })}
      </ul>
      <div className="mt-3 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn min-h-12"
          onClick={() =>
            setTasters([...tasters, { id: newId(), name: words.table(tasters.length + 1), tastes: true }])
          }
        >
          <Plus size={18} aria-hidden /> {words.another}
        </button>
        <button type="submit" className="btn btn-primary min-h-12 text-lg" disabled={going.length === 0}>
          {words.beginWithOneEater(going.length)}
        </button>
      </div>
      <SaveProblem problem={problem} />
    </form>
  );
}
