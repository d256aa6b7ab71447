import { useMemo } from "react";
import {
  minutesOf,
  ovenMinutes,
  presetStages,
  USUAL_OVEN_C,
  type StagePreset,
} from "@/core/formula/cook/cook";
import type { Formulated } from "@/core/formula/formulate";
import { RANGES } from "@/core/quantity/ranges";
import { CRUST_OVEN_C } from "@/core/formula/weigh/salt-crust";
import type { Cook, HeatHere } from "@/core/formulation";
import type { CookMinutes } from "@/core/heat/cook-minutes";
import { isBaked } from "@/core/preparations";
import { exitsOf, type Exit } from "@/core/program/exits";
import { plateText, timeText } from "@/core/program/probing";
import { Select, Toggle } from "@/ui/choice";
import { duration } from "@/ui/format";
import { Told, useTold } from "@/ui/measures";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import { ReckonedHere } from "@/ui/reckoned-here";
import { Group, type PanelProps } from "./panel";
import { PartsEditor } from "./parts-editor";
import { StagesEditor } from "./stages-editor";
import * as words from "@/words/bench/panels/cook-panel";

const PRESETS: { value: StagePreset; label: string }[] = [
  { value: "one", label: words.oneStage },
  { value: "hotThenLow", label: words.hotThenTented },
  { value: "lowThenHot", label: words.coveredLowThenHot },
  { value: "searFirst", label: words.searedFirst },
  { value: "pouch", label: words.inAPouch },
];

/** Which of the usual ways a cook's stages are; "own" once they were changed by hand. */
function dividedAs(cook: Cook): StagePreset | "own" {
  if (!cook.stages) return "one";
  const written = asText(cook.stages);
  return PRESETS.find(({ value }) => asText(stagesBy(value, cook)) === written)?.value ?? "own";
}

const asText = (stages: Cook["stages"]) =>
  JSON.stringify(stages?.map((s) => [s.ovenC, s.minutes, s.cover, s.action, s.everyMin, s.on]));

const stagesBy = (preset: StagePreset, cook: Cook) =>
  presetStages(preset, cook.ovenC ?? USUAL_OVEN_C, cook.minutes);

/** How it is cooked afterwards: heat evens the salt out before it is eaten. */
export function CookPanel({
  value,
  cook,
  sheet,
  change,
  onValidity,
}: PanelProps & { cook: Cook; sheet: Formulated | undefined }) {
  const food = usePantry().food(value.foodId);
  const exits = useMemo(() => (sheet ? exitsOf(value, sheet) : []), [value, sheet]);
  const told = useTold();
  const crust = isBaked(value);
  const isSeafood = food?.group === "fish" || food?.group === "shellfish";
  const divided = dividedAs(cook);
  const ovenC = cook.ovenC ?? USUAL_OVEN_C;
  const counted =
    food && !crust
      ? minutesOf(food, value.pieces, {
          ovenC,
          ovenOffC: value.heatHere?.ovenOffC,
          endC: cook.toC,
          restMin: cook.restMin,
          startC: value.holding.temperatureC,
        })
      : undefined;
  const set = (part: Partial<Cook>) => change((f) => ({ ...f, cook: { ...cook, ...part } }));
  return (
    <Group title={words.baked(crust)}>
      <QuantityField
        label={words.coreShallEndAt}
        unit="°C"
        value={cook.toC}
        rule={RANGES.cookC}
        onChange={(toC) => set({ toC })}
        onValidity={onValidity}
        hint={
          food?.safeMinC != null && (
            <p className="py-1 text-sm text-quiet">
              {words.officialMinimum(
                <span className="figure">{told(`${food.safeMinC} °C`)}</span>,
                food.safeSource,
              )}
            </p>
          )
        }
      />
      {!cook.stages && (
        <QuantityField
          label={words.oven}
          unit="°C"
          value={cook.ovenC ?? (crust ? CRUST_OVEN_C : USUAL_OVEN_C)}
          rule={RANGES.ovenC}
          step={5}
          onChange={(ovenC) => set({ ovenC })}
          onValidity={onValidity}
        />
      )}
      {!crust && !cook.stages && (
        <QuantityField
          label={words.cookingTime}
          unit="min"
          value={cook.minutes}
          rule={RANGES.cookMin}
          step={5}
          onChange={(minutes) => set({ minutes })}
          onValidity={onValidity}
          hint={counted && <CountedMinutes counted={counted} onTake={(minutes) => set({ minutes })} />}
        />
      )}
      {!crust && (
        <>
          <Select
            label={words.divided}
            value={divided}
            options={
              divided === "own" ? [...PRESETS, { value: "own" as const, label: words.asBelow }] : PRESETS
            }
            onChange={(preset) => preset !== "own" && set({ stages: stagesBy(preset, cook) })}
          />
          {cook.stages && (
            <StagesEditor
              stages={cook.stages}
              onValidity={onValidity}
              onChange={(stages) => set({ stages, minutes: Math.max(1, ovenMinutes(stages)) })}
            />
          )}
          <PartsEditor
            cook={cook}
            food={food}
            thicknessMm={value.pieces.thicknessMm}
            onChange={set}
            onValidity={onValidity}
          />
        </>
      )}
      <QuantityField
        label={words.restAfter}
        unit="min"
        value={cook.restMin}
        rule={RANGES.restMin}
        onChange={(restMin) => set({ restMin })}
        onValidity={onValidity}
      />
      <OutAt cook={cook} exits={exits} heatHere={value.heatHere} />
      {!crust && (
        <QuantityField
          label={words.outOfTheFridgeBefore}
          unit="min"
          value={cook.temperMin ?? 0}
          rule={RANGES.temperMin}
          step={5}
          onChange={(temperMin) => set({ temperMin: temperMin > 0 ? temperMin : undefined })}
          onValidity={onValidity}
        />
      )}
      <QuantityField
        label={words.carving}
        unit="min"
        value={cook.carveMin ?? (crust || value.pieces.totalMassG / value.pieces.count >= 1000 ? 10 : 5)}
        rule={RANGES.carveMin}
        onChange={(carveMin) => set({ carveMin })}
        onValidity={onValidity}
      />
      <QuantityField
        label={words.saltOnceMore}
        unit="%"
        value={(value.secondSaltFraction ?? 0) * 100}
        rule={RANGES.secondSaltPercent}
        digits={2}
        step={0.05}
        onChange={(percent) =>
          change((f) => ({ ...f, secondSaltFraction: percent > 0 ? percent / 100 : undefined }))
        }
        onValidity={onValidity}
      />
      <Toggle
        label={words.underTheGrill}
        value={cook.broil ?? false}
        onChange={(on) => set({ broil: on || undefined })}
      />
      <Toggle
        label={words.inItsColdDish}
        value={cook.inColdDish ?? false}
        onChange={(on) => set({ inColdDish: on || undefined })}
      />
      {isSeafood && (
        <Toggle
          label={words.eatenRaw}
          value={value.servedRaw ?? false}
          onChange={(on) => change((f) => ({ ...f, servedRaw: on || undefined }))}
        />
      )}
    </Group>
  );
}

/** Two ways to count the minutes, and which of them a plan goes by. */
function CountedMinutes({ counted, onTake }: { counted: CookMinutes; onTake: (minutes: number) => void }) {
  const { trade, engineMin, by } = counted;
  const minutes = Math.round(counted.minutes / 5) * 5 || Math.round(counted.minutes);
  return (
    <div className="flex items-center justify-between gap-2 py-1 text-sm text-quiet">
      <p>
        {trade && (
          <>
            {words.commonPractice(
              <Told>{trade.rule.form}</Told>,
              <span className="figure">{Math.round(trade.minutes)}</span>,
            )}{" "}
            min
            {engineMin !== undefined && "; "}
          </>
        )}
        {engineMin !== undefined && (
          <>{words.byItsThickness(<span className="figure">{Math.round(engineMin)}</span>)} min</>
        )}
        {trade && engineMin !== undefined && words.aPlanGoesByPractice(by)}
      </p>
      <button type="button" className="btn min-h-11" onClick={() => onTake(Math.max(1, minutes))}>
        {words.take(minutes)}
      </button>
    </div>
  );
}

/** Where to take it out so that it ends where it shall: the same two figures as at work and on paper. */
function OutAt({
  exits,
  cook,
  heatHere,
}: {
  cook: Cook;
  exits: readonly Exit[];
  heatHere?: HeatHere | undefined;
}) {
  const told = useTold();
  return (
    <>
      <ul className="border-l-4 border-accent pl-2 text-lg" aria-label={words.outAt}>
        {exits.map((exit) => (
          <li key={exit.channel} data-out-at={exit.name || "whole"}>
            {words.atEndsAt({
              exitName: exit.name ? words.out(exit.name) : words.outHead,
              outC: <b className="figure">{told(`${exit.outC} °C`)}</b>,
              minutes: exit.name && cook.apart && <> {words.after(duration(exit.minutes / 60))}</>,
              exit: told(plateText(exit)),
            })}
            {exit.time && (
              <span className="block text-sm">
                {words.followYourLocalFoodCode(told(timeText(exit).trim()))}
              </span>
            )}
          </li>
        ))}
      </ul>
      <ReckonedHere heat={heatHere} />
    </>
  );
}
