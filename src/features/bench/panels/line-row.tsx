import { ChevronRight, Trash2 } from "lucide-react";
import { useState } from "react";
import { RANGES } from "@/core/quantity/ranges";
import { unitsOf, type Bases } from "@/core/formula/weigh/lines";
import type { CompanionLine, FormulaLine, LineLaw } from "@/core/formulation";
import type { Ingredient } from "@/core/materials/types";
import type { QuantityRule } from "@/core/quantity/parse";
import type { WordAmounts } from "@/core/quantity/words";
import { Select, Toggle } from "@/ui/choice";
import { LAW_UNIT } from "@/ui/names";
import { usePantry } from "@/ui/pantry";
import { usePickLists } from "@/ui/pick-lists";
import { Picker } from "@/ui/picker";
import { QuantityField } from "@/ui/quantity-field";
import { SwapDialog } from "../what-if/swap-dialog";
import type { PanelProps } from "./panel";
import * as wording from "@/words/bench/panels/line-row";

export type LineBases = Bases;
type AnyLine = FormulaLine & Pick<CompanionLine, "bakeMin">;

const LAWS: { value: LineLaw; label: string }[] = [
  { value: "foodMass", label: wording.theFoodsWeight },
  { value: "surface", label: wording.theSurface },
  { value: "bath", label: wording.theLiquid },
  { value: "salt", label: wording.theSalt },
  { value: "piece", label: wording.thePieces },
  { value: "batch", label: wording.nothingFixed },
];

interface Props {
  line: AnyLine;
  /** Which of the laws make sense here beyond food, surface, piece and batch. */
  laws: { bath: boolean; salt: boolean };
  /** It may be one of a ratio. */
  parts: boolean;
  /** It may go elsewhere than into the mixture: into a cavity, over and under, on the tray. */
  places: "mixture" | "crust" | false;
  /** Part of a bed: how long it bakes. */
  bakes?: boolean;
  bases: LineBases | undefined;
  onChange: (line: AnyLine) => void;
  onRemove: () => void;
  onValidity: PanelProps["onValidity"];
}

/** One line of a formula: its amount at once, everything else a tap away. */
export function LineRow(props: Props) {
  const { line, bases, onChange, onValidity } = props;
  const { ingredient: find, words } = usePantry();
  const { ingredients } = usePickLists();
  const [swapping, setSwapping] = useState(false);
  const found = find(line.ingredientId);
  const name = found?.name ?? line.ingredientId;
  const rule = amountRule(found, words);
  return (
    <div className="mb-1 border-l-4 border-line pl-2">
      {line.parts === undefined ? (
        <QuantityField
          label={name}
          unseen={wording.amount}
          unit={LAW_UNIT[line.scalesWith]}
          value={line.amountG}
          rule={rule}
          digits={2}
          step={0.5}
          onChange={(amountG) => onChange({ ...line, amountG })}
          onValidity={onValidity}
        />
      ) : (
        <QuantityField
          label={name}
          unseen={wording.parts}
          unit={wording.partsUnit}
          value={line.parts}
          rule={RANGES.parts}
          digits={2}
          step={0.5}
          onChange={(parts) => onChange({ ...line, parts })}
          onValidity={onValidity}
        />
      )}
      <details className="group">
        <summary className="flex min-h-11 cursor-pointer items-center gap-1 text-sm text-quiet">
          <ChevronRight size={16} aria-hidden className="transition-transform group-open:rotate-90" />
          {wording.leftOut(line.off, line.optional)}
          <span className="sr-only"> {wording.about(name)}</span>
        </summary>
        <div className="field-row">
          <span>{wording.what}</span>
          <Picker
            look="row"
            label={wording.whatStandsInPlaceOf(name)}
            items={ingredients}
            chosenId={line.ingredientId}
            onPick={(ingredientId) => onChange({ ...line, ingredientId })}
          />
        </div>
        {props.parts && <RatioToggle line={line} onChange={onChange} />}
        {line.parts === undefined && (
          <LawAndTotal {...props} name={name} rule={rule} units={bases && unitsOf(line.scalesWith, bases)} />
        )}
        {props.places && (
          <Select
            label={wording.where}
            value={line.where ?? "in"}
            options={[
              { value: "in", label: wording.inTheCrustsSalt(props.places) },
              { value: "underSkin", label: wording.underTheSkin },
              { value: "cavity", label: wording.inTheCavity },
              { value: "overUnder", label: wording.overAndUnder },
              { value: "tray", label: wording.onTheTray },
            ]}
            onChange={(where) => onChange({ ...line, where: where === "in" ? undefined : where })}
          />
        )}
        {props.bakes && (
          <QuantityField
            label={wording.bakes}
            unseen={`, ${name}`}
            unit="min"
            value={line.bakeMin ?? 20}
            rule={RANGES.bakeMin}
            onChange={(bakeMin) => onChange({ ...line, bakeMin })}
            onValidity={onValidity}
          />
        )}
        <Toggle
          label={wording.optional}
          value={line.optional}
          onChange={(optional) => onChange({ ...line, optional })}
        />
        <Toggle
          label={wording.leftOutThisTime}
          value={line.off ?? false}
          onChange={(off) => onChange({ ...line, off: off || undefined })}
        />
        <div className="flex justify-between">
          <button
            type="button"
            className="btn btn-ghost min-h-11 px-0 font-normal underline"
            onClick={() => setSwapping(true)}
          >
            {wording.swap(name)}
          </button>
          <button
            type="button"
            className="btn btn-ghost min-h-11 px-2 font-normal"
            onClick={props.onRemove}
            aria-label={wording.remove(name)}
          >
            <Trash2 size={18} aria-hidden />
          </button>
        </div>
      </details>
      {swapping && found && (
        <SwapDialog
          line={line}
          from={found}
          onSwap={(next) => {
            onChange(next);
            setSwapping(false);
          }}
          onClose={() => setSwapping(false)}
        />
      )}
    </div>
  );
}

/** Grams, spoons of this very thing, pieces of it, or words: all read. */
function amountRule(found: Ingredient | undefined, words: WordAmounts): QuantityRule {
  return {
    ...RANGES.lineG,
    ...(found?.densityGPerMl && { volumeDensityGPerMl: found.densityGPerMl }),
    ...(found?.gEach && { each: { massG: found.gEach, unit: found.eachUnit } }),
    words,
  };
}

/** In a marinade a line is one of so many parts, or has an amount of its own. */
function RatioToggle({ line, onChange }: Pick<Props, "line" | "onChange">) {
  const { parts, ...plain } = line;
  return (
    <Toggle
      label={wording.partOfTheRatio}
      value={parts !== undefined}
      onChange={(on) => onChange(on ? { ...plain, scalesWith: "bath", parts: 1 } : plain)}
    />
  );
}

/** Another law keeps the grams that go into this batch. */
function withLaw(line: AnyLine, scalesWith: LineLaw, bases: LineBases | undefined): AnyLine {
  if (!bases) return { ...line, scalesWith };
  const grams = line.amountG * unitsOf(line.scalesWith, bases);
  const units = unitsOf(scalesWith, bases);
  return units > 0 ? { ...line, scalesWith, amountG: grams / units } : { ...line, scalesWith };
}

/** How it scales, and the same amount the other way round: what goes into this batch. */
function LawAndTotal(props: Props & { name: string; rule: QuantityRule; units: number | undefined }) {
  const { line, laws, bases, name, rule, units, onChange, onValidity } = props;
  const options = LAWS.filter((law) =>
    law.value === "bath" ? laws.bath : law.value !== "salt" || laws.salt,
  );
  return (
    <>
      <Select
        label={wording.scalesWith}
        value={line.scalesWith}
        options={options}
        onChange={(scalesWith) => onChange(withLaw(line, scalesWith, bases))}
      />
      {units !== undefined && units > 0 && line.scalesWith !== "batch" && (
        <QuantityField
          label={wording.inThisBatch}
          unseen={`, ${name}`}
          unit="g"
          value={line.amountG * units}
          rule={rule}
          digits={1}
          onChange={(totalG) => onChange({ ...line, amountG: totalG / units })}
          onValidity={onValidity}
        />
      )}
    </>
  );
}
