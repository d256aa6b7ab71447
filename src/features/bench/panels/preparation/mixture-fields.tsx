import { RANGES } from "@/core/quantity/ranges";
import { NO_BINDER } from "@/core/formula/weigh/no-binder";
import type {
  FormulaLine,
  MarinadePreparation,
  PastePreparation,
  RubPreparation,
  SaltSchool,
} from "@/core/formulation";
import { Choice, Select, Toggle } from "@/ui/choice";
import { useTold } from "@/ui/measures";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "../panel";
import { ReserveFields } from "./reserve-fields";
import * as words from "@/words/bench/panels/preparation/mixture-fields";

const SALT_SCHOOLS: { value: SaltSchool; label: string; note: string }[] = [
  { value: "inMixture", label: words.saltInIt, note: words.evensOutWithIt },
  { value: "onFoodFirst", label: words.saltFirst, note: words.onTheFoodThenCoat },
];

export function MarinadeFields(props: PanelProps & { preparation: MarinadePreparation }) {
  const { preparation: p, change, onValidity } = props;
  const set = (part: Partial<MarinadePreparation>) =>
    change((f) => ({ ...f, preparation: { ...p, ...part } }));
  return (
    <>
      <Choice
        label={words.whereTheSaltGoes}
        value={p.school}
        options={SALT_SCHOOLS}
        onChange={(school) => set({ school })}
      />
      <Select
        label={words.howMuch}
        value={p.amount.mode}
        options={[
          { value: "perFood", label: words.byTheFood },
          { value: "toCover", label: words.toCoverIt },
        ]}
        onChange={(mode) => set({ amount: mode === "toCover" ? { mode } : { mode, mlPerKg: 200 } })}
      />
      {p.amount.mode === "perFood" && (
        <QuantityField
          label={words.liquidToAKilogram}
          unit="ml"
          value={p.amount.mlPerKg}
          rule={RANGES.mlPerKg}
          step={10}
          onChange={(mlPerKg) => set({ amount: { mode: "perFood", mlPerKg } })}
          onValidity={onValidity}
        />
      )}
      <ReserveFields {...props} />
    </>
  );
}

const WANTED = [
  { value: "coats", label: words.coats, note: "1 mm" },
  { value: "clings", label: words.clings, note: "2 mm" },
  { value: "ridges", label: words.ridges, note: words.of3To4Mm },
] as const;

export function PasteFields(props: PanelProps & { preparation: PastePreparation }) {
  const told = useTold();
  const { preparation: p, change } = props;
  const { ingredients, ingredient } = usePantry();
  const set = (part: Partial<PastePreparation>) => change((f) => ({ ...f, preparation: { ...p, ...part } }));
  const binders = ingredients.filter((i) => i.thickens > 0).map((i) => ({ value: i.id, label: i.name }));
  const isDairy = (l: FormulaLine) => ingredient(l.ingredientId)?.group === "acid_dairy";
  const hasYoghurt = props.value.lines.some((l) => isDairy(l) && !l.off);
  return (
    <>
      <Choice
        label={words.whereTheSaltGoes}
        value={p.school}
        options={SALT_SCHOOLS}
        onChange={(school) => set({ school })}
      />
      <Choice
        label={words.howThick}
        value={p.wanted}
        options={WANTED.map((w) => ({ ...w, note: told(w.note) }))}
        onChange={(wanted) => set({ wanted })}
      />
      <Select
        label={words.boundWith}
        value={p.binderId}
        options={[{ value: NO_BINDER, label: words.nothingItClingsByItself }, ...binders]}
        onChange={(binderId) => set({ binderId })}
      />
      <Toggle
        label={words.flourLightlyRoastedFirst}
        value={p.roasted}
        onChange={(roasted) => set({ roasted })}
      />
      <Toggle
        label={words.withYoghurtRicherClingsLess}
        value={hasYoghurt}
        onChange={(on) =>
          change((f) => ({ ...f, lines: on ? [...f.lines, YOGHURT] : f.lines.filter((l) => !isDairy(l)) }))
        }
      />
      <ReserveFields {...props} />
    </>
  );
}

/** Strained yoghurt at a usual amount. */
const YOGHURT: FormulaLine = {
  ingredientId: "yoghurt_strained",
  amountG: 80,
  scalesWith: "foodMass",
  optional: false,
};

export function RubFields({
  preparation: p,
  change,
  onValidity,
}: PanelProps & { preparation: RubPreparation }) {
  const set = (part: Partial<RubPreparation>) => change((f) => ({ ...f, preparation: { ...p, ...part } }));
  return (
    <>
      <Select
        label={words.theSurfaceIs}
        value={p.surface}
        options={[
          { value: "dry", label: words.dry },
          { value: "moist", label: words.damp },
          { value: "oiled", label: words.oiledOrMustard },
        ]}
        onChange={(surface) => set({ surface })}
      />
      <QuantityField
        label={words.ofItInside}
        unit="%"
        value={p.insideShare * 100}
        rule={RANGES.insidePercent}
        step={5}
        onChange={(percent) => set({ insideShare: percent / 100 })}
        onValidity={onValidity}
      />
    </>
  );
}
