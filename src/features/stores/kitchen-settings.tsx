"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { KitchenRequest } from "@/contracts/requests";
import type { KitchenView } from "@/contracts/views";
import { findFood } from "@/core/materials/lookup";
import { Select } from "@/ui/choice";
import { send } from "@/ui/send";
import type { Theme } from "@/ui/shell/theme";

const YEAR_S = 365 * 24 * 3600;

/** Name, time zone, spoons and look of this kitchen. Changes are saved as they are made. */
export function KitchenSettings({ kitchen, theme }: { kitchen: KitchenView; theme?: Theme }) {
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
    <section>
      <h2 className="text-2xl">This kitchen</h2>
      <div className="field-row">
        <label htmlFor="kitchen-name">Name</label>
        <input
          id="kitchen-name"
          className="entry font-semibold"
          defaultValue={kitchen.name}
          maxLength={80}
          onBlur={(event) => event.target.value.trim() !== kitchen.name && save({ name: event.target.value })}
        />
      </div>
      <Select
        label="Spoons and cups"
        value={kitchen.measures}
        options={[
          { value: "metric", label: "metric" },
          { value: "us", label: "US" },
        ]}
        onChange={(measures) => save({ measures })}
      />
      <Select
        label="Time zone"
        value={kitchen.timeZone}
        options={known.map((zone) => ({ value: zone, label: zone }))}
        onChange={(timeZone) => save({ timeZone })}
      />
      <LearntRates rates={kitchen.rates} />
      <ThemeSelect initial={theme ?? "system"} />
      {problem && (
        <p role="alert" className="py-1 text-sm text-error">
          {problem}
        </p>
      )}
    </section>
  );
}

const THEME_LABELS: { value: Theme | "system"; label: string }[] = [
  { value: "system", label: "as the device" },
  { value: "stoneware", label: "Stoneware, light" },
  { value: "iron", label: "Iron, dark" },
];

function ThemeSelect({ initial }: { initial: Theme | "system" }) {
  const [theme, setTheme] = useState(initial);
  const choose = (next: Theme | "system") => {
    setTheme(next);
    const root = document.documentElement;
    if (next === "system") delete root.dataset.theme;
    else root.dataset.theme = next;
    document.cookie = `theme=${next}; path=/; max-age=${next === "system" ? 0 : YEAR_S}; samesite=lax`;
  };
  return <Select label="Look" value={theme} options={THEME_LABELS} onChange={choose} />;
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
        {findFood(foodId)?.name ?? foodId}: salt runs <span className="figure">{rate.factor.toFixed(2)}</span>{" "}
        × the table
      </span>
      <button type="button" className="btn btn-ghost min-h-11 underline" onClick={() => forget(foodId)}>
        Forget
      </button>
    </div>
  ));
}
