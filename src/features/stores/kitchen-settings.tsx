"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { KitchenRequest } from "@/contracts/requests";
import type { KitchenView } from "@/contracts/views";
import { findFood } from "@/core/materials/lookup";
import type { QuantityRule } from "@/core/quantity/parse";
import type { WordAmounts } from "@/core/quantity/words";
import type { KitchenLimits } from "@/core/safety/limits";
import { Select, Toggle } from "@/ui/choice";
import { PickRow } from "@/ui/pick-row";
import { QuantityField } from "@/ui/quantity-field";
import { Eaters } from "./eaters";
import { UsualKitchen } from "./usual";
import { send } from "@/ui/send";
import type { Theme } from "@/ui/shell/theme";
import * as wording from "@/words/stores/kitchen-settings";
import { firstOf } from "@/core/sequence";

const YEAR_S = 365 * 24 * 3600;

/** Name, time zone, spoons and look of this kitchen. Changes are saved as they are made. */
export function KitchenSettings({ kitchen, theme }: { kitchen: KitchenView; theme?: Theme | undefined }) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const save = async (change: KitchenRequest) => {
    const sent = await send("PATCH", "/api/kitchen", change);
    setProblem(sent.ok ? null : sent.problem.detail);
    if (sent.ok) router.refresh();
  };
  const zones = Intl.supportedValuesOf("timeZone");
  const known = zones.includes(kitchen.timeZone) ? zones : [kitchen.timeZone, ...zones];
  return (
    <section id="kitchen">
      <h2 className="text-2xl">{wording.thisKitchen}</h2>
      <div className="field-row">
        <label htmlFor="kitchen-name">{wording.name}</label>
        <input
          id="kitchen-name"
          className="entry font-semibold"
          defaultValue={kitchen.name}
          maxLength={80}
          onBlur={(event) => event.target.value.trim() !== kitchen.name && save({ name: event.target.value })}
        />
      </div>
      <Select
        label={wording.measures}
        value={kitchen.measures}
        options={[
          { value: "metric", label: wording.metric },
          { value: "us", label: wording.usCupsFInches },
        ]}
        onChange={(measures) => save({ measures })}
      />
      <PickRow
        label={wording.timeZone}
        items={known.map((zone) => ({ id: zone, name: zone, group: firstOf(zone.split("/")) }))}
        chosenId={kitchen.timeZone}
        onPick={(timeZone) => save({ timeZone })}
      />
      <FridgeShelf limits={kitchen.limits} onChange={(limits) => save({ limits })} />
      <Toggle
        label={wording.aProbeThermometer}
        value={kitchen.limits.thermometer}
        onChange={(thermometer) => save({ limits: { ...kitchen.limits, thermometer } })}
      />
      <WordFields words={kitchen.words} onChange={(words) => save({ words })} />
      <UsualKitchen usual={kitchen.usual} onChange={(usual) => save({ usual })} />
      <LearntRates rates={kitchen.rates} />
      <Eaters limits={kitchen.limits} />
      <ThemeSelect initial={theme ?? "system"} />
      {problem && (
        <p role="alert" className="py-1 text-sm text-error">
          {problem}
        </p>
      )}
    </section>
  );
}

const SHELF_MM: QuantityRule = { dimension: "length", min: 50, max: 3000 };
const USUAL_SHELF = { widthMm: 560, depthMm: 450, heightMm: 250 };

/** The free room of one shelf: vessels are held against it. */
function FridgeShelf(props: { limits: KitchenLimits; onChange: (limits: KitchenLimits) => void }) {
  const { limits, onChange } = props;
  const { fridge } = limits;
  const side = (label: string, key: "widthMm" | "depthMm" | "heightMm") =>
    fridge && (
      <QuantityField
        label={label}
        unit="mm"
        value={fridge[key]}
        rule={SHELF_MM}
        step={10}
        onChange={(mm) => onChange({ ...limits, fridge: { ...fridge, [key]: mm } })}
      />
    );
  return (
    <>
      <Toggle
        label={wording.fridgeShelfMeasured}
        value={fridge !== null}
        onChange={(on) => onChange({ ...limits, fridge: on ? USUAL_SHELF : null })}
      />
      {side(wording.shelfWide, "widthMm")}
      {side(wording.shelfDeep, "depthMm")}
      {side(wording.shelfFreeHeight, "heightMm")}
    </>
  );
}

/** What amounts said in words stand for here. */
function WordFields({ words, onChange }: { words: WordAmounts; onChange: (words: WordAmounts) => void }) {
  return (
    <>
      <QuantityField
        label={wording.aPinchOfFineSalt}
        unit="g"
        value={words.pinchG}
        rule={{ dimension: "mass", min: 0.05, max: 3 }}
        digits={2}
        step={0.05}
        onChange={(pinchG) => onChange({ ...words, pinchG })}
      />
      <QuantityField
        label={wording.aDash}
        unit="ml"
        value={words.dashMl}
        rule={{ dimension: "volume", min: 0.05, max: 5 }}
        digits={2}
        step={0.1}
        onChange={(dashMl) => onChange({ ...words, dashMl })}
      />
      <QuantityField
        label={wording.toTasteToBeginWith}
        unit="g/kg"
        value={words.toTasteG}
        rule={{ dimension: "mass", min: 0, max: 20 }}
        digits={1}
        step={0.5}
        onChange={(toTasteG) => onChange({ ...words, toTasteG })}
      />
    </>
  );
}

const THEME_LABELS: { value: Theme | "system"; label: string }[] = [
  { value: "system", label: wording.asTheDevice },
  { value: "stoneware", label: wording.stonewareLight },
  { value: "iron", label: wording.ironDark },
];

function ThemeSelect({ initial }: { initial: Theme | "system" }) {
  const [theme, setTheme] = useState(initial);
  const choose = (next: Theme | "system") => {
    setTheme(next);
    const root = document.documentElement;
    if (next === "system") delete root.dataset.theme;
    else root.dataset.theme = next;
    document.cookie = wording.themePathMaxAgeSamesite(next, next === "system" ? 0 : YEAR_S);
  };
  return <Select label={wording.look} value={theme} options={THEME_LABELS} onChange={choose} />;
}

/** What readings taught of foods here; each can be forgotten. */
function LearntRates({ rates }: { rates: KitchenView["rates"] }) {
  const router = useRouter();
  const forget = async (foodId: string) => {
    const sent = await send("DELETE", `/api/rates/${foodId}`);
    if (sent.ok) router.refresh();
  };
  return Object.entries(rates).map(([foodId, rate]) => (
    <div key={foodId} className="field-row">
      <span>
        {wording.saltRunsTheTable(
          findFood(foodId)?.name ?? foodId,
          <span className="figure">{rate.factor.toFixed(2)}</span>,
        )}
      </span>
      <button type="button" className="btn btn-ghost min-h-11 underline" onClick={() => forget(foodId)}>
        {wording.forget}
      </button>
    </div>
  ));
}
