import { useState } from "react";
import type { SittingDish } from "@/contracts/sitting";
import { RANGES } from "@/core/quantity/ranges";
import type { QuantityRule } from "@/core/quantity/parse";
import { Choice } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import * as words from "@/words/sitting/plain-dish-form";

type Plain = Extract<SittingDish, { kind: "plain" }>;

interface Props {
  /** The oven to begin from, °C. */
  usualC: number;
  onAdd: (dish: Omit<Plain, "id">) => void;
  onClose: () => void;
}

const MINUTES: QuantityRule = { dimension: "duration", min: 0, max: 600 };
const TRAY: QuantityRule = { dimension: "duration", min: 1, max: 1440 };

/** A tray of vegetables by its baking times, a sauce, a stock. */
export function PlainDishForm({ usualC, onAdd, onClose }: Props) {
  const [name, setName] = useState("");
  const [place, setPlace] = useState<"oven" | "hob">("oven");
  const [ovenC, setOvenC] = useState(usualC);
  const [prepMin, setPrepMin] = useState(15);
  const [holdMin, setHoldMin] = useState(20);
  const [trays, setTrays] = useState([{ name: "", minutes: 35 }]);
  const set = (i: number, part: Partial<(typeof trays)[number]>) =>
    setTrays(trays.map((t, n) => (n === i ? { ...t, ...part } : t)));
  const ready = name.trim() !== "";
  return (
    <fieldset className="mt-2 border-l-4 border-primary pl-3">
      <legend className="sr-only">{words.somethingPlain}</legend>
      <label className="block">
        <span className="text-quiet">{words.called}</span>
        <input
          className="input min-h-11 w-full"
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <Choice
        label={words.cooked}
        value={place}
        options={[
          { value: "oven", label: words.inTheOven },
          { value: "hob", label: words.onTheHob },
        ]}
        onChange={setPlace}
      />
      {place === "oven" && (
        <QuantityField
          label={words.oven}
          unit="°C"
          value={ovenC}
          rule={RANGES.ovenC}
          step={5}
          onChange={setOvenC}
        />
      )}
      {trays.map((tray, i) => (
        <div key={i}>
          <label className="block">
            <span className="text-sm text-quiet">{words.partIfItHasA(i + 1)}</span>
            <input
              className="input min-h-11 w-full"
              maxLength={60}
              value={tray.name}
              onChange={(event) => set(i, { name: event.target.value })}
            />
          </label>
          <QuantityField
            label={words.cooksFor}
            unseen={words.part(i + 1)}
            unit="min"
            value={tray.minutes}
            rule={TRAY}
            step={5}
            onChange={(minutes) => set(i, { minutes: Math.round(minutes) })}
          />
        </div>
      ))}
      {trays.length < 12 && (
        <button
          type="button"
          className="btn min-h-11"
          onClick={() => setTrays([...trays, { name: "", minutes: 20 }])}
        >
          {words.oneMorePartWithIts}
        </button>
      )}
      <QuantityField
        label={words.gettingItReady}
        unit="min"
        value={prepMin}
        rule={MINUTES}
        step={5}
        onChange={setPrepMin}
      />
      <QuantityField
        label={words.mayWaitDone}
        unit="min"
        value={holdMin}
        rule={{ ...MINUTES, max: 240 }}
        step={5}
        onChange={setHoldMin}
      />
      <div className="mt-2 flex gap-2">
        <button
          type="button"
          className="btn btn-primary min-h-11 flex-1"
          disabled={!ready}
          onClick={() =>
            onAdd({
              kind: "plain",
              name: name.trim(),
              prepMin: Math.round(prepMin),
              holdMin: Math.round(holdMin),
              trays: trays.map((t, i) => ({
                ...t,
                name: t.name.trim() || (trays.length === 1 ? name.trim() : `${name.trim()} ${i + 1}`),
              })),
              ...(place === "oven" && { ovenC }),
            })
          }
        >
          {words.addIt}
        </button>
        <button type="button" className="btn min-h-11" onClick={onClose}>
          {words.notNow}
        </button>
      </div>
    </fieldset>
  );
}
