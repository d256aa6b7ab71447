import { RANGES } from "@/core/quantity/ranges";
import type { CrustFigures } from "@/core/formula/weigh/prepared";
import { whitesSaid } from "@/core/formula/weigh/whites";
import type { CrustPreparation, CurePreparation, SaltGiven } from "@/core/formulation";
import { isSeafood } from "@/core/materials/facts";
import { roundForScale } from "@/core/quantity/rounding";
import { RULE_RATIO } from "@/core/vessel/crust-shell";
import { Choice, Select, Toggle } from "@/ui/choice";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "../panel";
import { SaltAmountField, sameSalt, USUAL_G_PER_ML, type SaltAmount } from "./salt-amount-field";
import * as words from "@/words/bench/panels/preparation/crust-fields";

const SCHOOLS: { value: CrustPreparation["school"] | "given"; label: string; note: string }[] = [
  { value: "water", label: words.water, note: words.toDampSand },
  { value: "eggWhite", label: words.eggWhite, note: words.of2ToACup },
  { value: "sparingEggWhite", label: words.sparing, note: words.of2WhitesInAll },
  { value: "given", label: words.asIHaveIt, note: words.waterWhites },
];

type Size = NonNullable<CrustPreparation["size"]>;

/** How the crust is bound, how thick, and what lies in it. */
export function CrustFields(
  props: PanelProps & { preparation: CrustPreparation; crust?: CrustFigures | undefined },
) {
  const { value, preparation: p, crust, change, onValidity } = props;
  const set = (part: Partial<CrustPreparation>) => change((f) => ({ ...f, preparation: { ...p, ...part } }));
  /** What is weighed out now stands, until the cook gives another figure. */
  const giveSalt = (saltBy: NonNullable<CrustPreparation["saltBy"]>) =>
    change((f) => ({
      ...f,
      preparation: { ...p, saltBy },
      salt:
        saltBy === "given" ? { mode: "grams", massG: roundForScale(crust?.saltG ?? 0) } : { mode: "wanted" },
    }));
  const bindWith = (school: CrustPreparation["school"] | "given") =>
    school === "given"
      ? set({
          bound: { waterG: roundForScale(crust?.waterG ?? 0), whites: whitesSaid(crust?.eggWhites ?? 0) },
        })
      : set({ school, bound: undefined });
  const pantry = usePantry();
  const food = pantry.food(value.foodId);
  // Given by another kitchen's program in a way that a crust is not weighed by: as many grams.
  const amount: SaltAmount = isAmount(value.salt) ? value.salt : { mode: "grams", massG: crust?.saltG ?? 0 };
  /** As much as is weighed out now, in the other measure. */
  const give = (mode: SaltAmount["mode"]) =>
    change((f) => ({
      ...f,
      salt: sameSalt(mode, crust?.saltG ?? 0, {
        densityGPerMl: pantry.salt(f.saltId)?.densityGPerMl ?? USUAL_G_PER_ML,
        system: pantry.measures,
        measure: "cup",
      }),
    }));
  const fish = food !== undefined && isSeafood(food);
  const length = (
    label: string,
    value: number,
    range: "shellMm" | "marginMm",
    take: (mm: number) => void,
  ) => (
    <QuantityField
      label={label}
      unit="mm"
      value={value}
      rule={RANGES[range]}
      digits={1}
      onChange={take}
      onValidity={onValidity}
    />
  );
  const edge = (label: string, key: keyof Size) =>
    p.size && (
      <QuantityField
        label={label}
        unit="mm"
        value={p.size[key]}
        rule={RANGES.crustFoodMm}
        step={5}
        onChange={(mm) => p.size && set({ size: { ...p.size, [key]: mm } })}
        onValidity={onValidity}
      />
    );
  return (
    <>
      <Choice
        label={words.boundWith}
        value={p.bound ? "given" : p.school}
        options={SCHOOLS}
        onChange={bindWith}
      />
      {p.bound && <BoundFields {...props} bound={p.bound} />}
      <Choice
        label={words.howMuchSalt}
        value={p.saltBy ?? "geometry"}
        options={[
          { value: "geometry", label: words.byThickness, note: words.asMeasuredBelow },
          { value: "rule", label: words.byTheRule, note: words.to1ByWeight(RULE_RATIO) },
          { value: "given", label: words.asIHaveIt, note: words.gramsOrCups },
        ]}
        onChange={giveSalt}
      />
      {p.saltBy === "given" && (
        <>
          <Select
            label={words.saltIsGivenIn}
            value={amount.mode}
            options={[
              { value: "grams", label: words.grams },
              { value: "measure", label: words.cups },
            ]}
            onChange={give}
          />
          <SaltAmountField
            value={value}
            given={amount}
            measure="cup"
            labels={{ grams: words.saltForTheCrust, measure: words.saltForTheCrustLevel }}
            stepG={100}
            onGiven={(salt) => change((f) => ({ ...f, salt }))}
            onValidity={onValidity}
          />
        </>
      )}
      {length(words.saltOverIt, p.overMm, "shellMm", (overMm) => set({ overMm }))}
      {length(words.saltUnderIt, p.underMm, "shellMm", (underMm) => set({ underMm }))}
      {length(words.roomOnTheTray, p.marginMm, "marginMm", (marginMm) => set({ marginMm }))}
      <Select
        label={words.takenAs}
        value={p.form}
        options={[
          { value: "ellipsoid", label: words.rounded },
          { value: "box", label: words.aBox },
        ]}
        onChange={(form) => set({ form })}
      />
      <Toggle
        label={words.foodMeasuredAllWays}
        value={p.size !== null}
        onChange={(on) => set({ size: on ? rounded(crust) : null })}
      />
      {edge(words.foodLong, "lengthMm")}
      {edge(words.foodWide, "widthMm")}
      {edge(words.foodHigh, "heightMm")}
      {fish && (
        <>
          <Select
            label={words.scales}
            value={p.scales}
            options={[
              { value: "on", label: words.leftOn },
              { value: "off", label: words.scaled },
            ]}
            onChange={(scales) => set({ scales })}
          />
          <Select
            label={words.headAndTail}
            value={p.ends}
            options={[
              { value: "covered", label: words.covered },
              { value: "out", label: words.leftOut },
            ]}
            onChange={(ends) => set({ ends })}
          />
        </>
      )}
    </>
  );
}

const isAmount = (given: SaltGiven | undefined): given is SaltAmount =>
  given?.mode === "grams" || given?.mode === "measure";

/** The estimate, as a start for what the cook measures. */
const rounded = (crust?: CrustFigures): Size => {
  const at = (mm: number) => Math.max(RANGES.crustFoodMm.min, Math.round(mm));
  const food = crust?.food ?? { lengthMm: 300, widthMm: 100, heightMm: 60 };
  return { lengthMm: at(food.lengthMm), widthMm: at(food.widthMm), heightMm: at(food.heightMm) };
};

export function CureFields({
  value,
  preparation: p,
  change,
  onValidity,
}: PanelProps & { preparation: CurePreparation }) {
  const set = (part: Partial<CurePreparation>) => change((f) => ({ ...f, preparation: { ...p, ...part } }));
  return (
    <>
      {(value.salt?.mode ?? "wanted") === "wanted" && (
        <QuantityField
          label={words.saltPutOnOfEdible}
          unit="%"
          value={p.doseFraction * 100}
          rule={RANGES.dosePercent}
          digits={1}
          step={0.5}
          onChange={(percent) => set({ doseFraction: percent / 100 })}
          onValidity={onValidity}
        />
      )}
      <Select
        label={words.atTheEnd}
        value={p.finish}
        options={[
          { value: "rinse", label: words.rinseAndDry },
          { value: "brush", label: words.brushOff },
        ]}
        onChange={(finish) => set({ finish })}
      />
    </>
  );
}

/** Water and whites of a crust, as the cook has them. */
function BoundFields({
  preparation: p,
  bound,
  change,
  onValidity,
}: PanelProps & { preparation: CrustPreparation; bound: NonNullable<CrustPreparation["bound"]> }) {
  const set = (next: NonNullable<CrustPreparation["bound"]>) =>
    change((f) => ({
      ...f,
      preparation: { ...p, bound: next, school: next.whites > 0 ? "eggWhite" : "water" },
    }));
  return (
    <>
      <QuantityField
        label={words.waterInIt}
        unit="g"
        value={bound.waterG}
        rule={RANGES.crustWaterG}
        step={10}
        onChange={(waterG) => set({ ...bound, waterG })}
        onValidity={onValidity}
      />
      <QuantityField
        label={words.eggWhites}
        unit=""
        value={bound.whites}
        rule={RANGES.crustWhites}
        digits={1}
        onChange={(whites) => set({ ...bound, whites })}
        onValidity={onValidity}
      />
    </>
  );
}
