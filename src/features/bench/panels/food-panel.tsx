import type { PieceForm } from "@/core/diffusion/piece-form";
import { RANGES } from "@/core/quantity/ranges";
import type { Enhanced, Pieces, ThawMethod } from "@/core/formulation";
import { hasBath } from "@/core/preparations";
import { Select, Toggle } from "@/ui/choice";
import { grams } from "@/ui/format";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import { WhyOf } from "../why-of";
import type { Worked } from "../worked";
import { AlongsideFields } from "./alongside-fields";
import { LengthField } from "./length-field";
import { ThinPart } from "./thin-part";
import { Group, type PanelProps } from "./panel";
import * as words from "@/words/bench/panels/food-panel";

/** A rack is a block whose underside is bone: salt goes in by every face but that. */
type ShapeChoice = PieceForm | "rack";

const SHAPES: { value: ShapeChoice; label: string }[] = [
  { value: "slab", label: words.flat },
  { value: "cylinder", label: words.aLog },
  { value: "sphere", label: words.aBall },
  { value: "block", label: words.aBlockCutOnAll },
  { value: "rack", label: words.aRackBonesOnOne },
  { value: "wedge", label: words.aWedgeItsEdgeThin },
  { value: "shortLog", label: words.aShortLogEndsCut },
  { value: "oval", label: words.anOvalThatTapersAs },
];

const THAWS: { value: ThawMethod | "no"; label: string }[] = [
  { value: "no", label: words.no },
  { value: "fridge", label: words.yesThawsInTheFridge },
  { value: "coldWater", label: words.yesThawsInColdWater },
  { value: "inBrine", label: words.yesThawsInTheBath },
  { value: "counter", label: words.yesThawsOnTheCounter },
];

const LABEL_DEFAULT: Enhanced = { solutionFraction: 0.1, sodiumMgPer100g: 400 };

const shapeChosen = ({ shape, faces }: Pieces): ShapeChoice =>
  shape === "block" && faces === "one" ? "rack" : shape;

/** The food and the pieces in front of the cook. */
export function FoodPanel({
  value,
  worked,
  change,
  onValidity,
  refusalFor,
}: PanelProps & { worked: Worked | undefined }) {
  const { pieces } = value;
  const { food: find } = usePantry();
  const food = find(value.foodId);
  const bath = hasBath(value);
  const set = (part: Partial<Pieces>) => change((f) => ({ ...f, pieces: { ...f.pieces, ...part } }));

  return (
    <Group title={words.food}>
      {worked && (
        <div className="field-row">
          <span className="text-quiet">{words.meatWithoutBone}</span>
          <span className="flex items-center">
            <WhyOf figure="flesh" worked={worked} />
            <span className="figure text-lg">{grams(worked.sheet.flesh.massG)}</span>
            <span className="ml-1 w-7 text-sm text-quiet">g</span>
          </span>
        </div>
      )}
      <Select
        label={words.shape}
        value={shapeChosen(pieces)}
        options={SHAPES}
        // What was measured of one shape is not said of another.
        onChange={(choice) =>
          set({
            shape: choice === "rack" ? "block" : choice,
            faces: choice === "rack" ? "one" : choice === "slab" ? pieces.faces : "both",
            lengthMm: undefined,
          })
        }
      />
      <LengthField pieces={pieces} set={set} refusal={refusalFor("length")} onValidity={onValidity} />
      <ThinPart pieces={pieces} set={set} onValidity={onValidity} />
      {pieces.shape === "slab" && (
        <Select
          label={words.saltEntersBy}
          value={pieces.faces}
          options={[
            { value: "both", label: words.bothFaces },
            { value: "one", label: words.oneFaceOnly },
          ]}
          onChange={(faces) => set({ faces })}
        />
      )}
      <Toggle label={words.boneIn} value={pieces.bone} onChange={(bone) => set({ bone })} />
      <Toggle label={words.skinOn} value={pieces.skin} onChange={(skin) => set({ skin })} />
      <QuantityField
        label={words.slashesDeep}
        unit="mm"
        value={pieces.slashDepthMm}
        rule={RANGES.slashDepthMm}
        onChange={(slashDepthMm) => set({ slashDepthMm })}
        onValidity={onValidity}
      />
      {pieces.slashDepthMm > 0 && (
        <QuantityField
          label={words.slashesApart}
          unit="mm"
          value={pieces.slashSpacingMm}
          rule={RANGES.slashSpacingMm}
          onChange={(slashSpacingMm) => set({ slashSpacingMm })}
          onValidity={onValidity}
        />
      )}
      <AlongsideFields value={value} change={change} onValidity={onValidity} />
      <Select
        label={words.frozen}
        value={pieces.thaw ?? "no"}
        options={THAWS.filter((thaw) => thaw.value !== "inBrine" || bath || thaw.value === pieces.thaw)}
        onChange={(thaw) => set({ thaw: thaw === "no" ? undefined : thaw })}
      />
      {pieces.thaw === "inBrine" && !bath && <p className="pb-2 text-sm">{words.thereIsNoBathHere}</p>}
      {food?.kingdom === "bird" && food.form.startsWith("whole") && (
        <Toggle
          label={words.stuffed}
          value={pieces.stuffed ?? false}
          onChange={(on) => set({ stuffed: on || undefined })}
        />
      )}
      <QuantityField
        label={words.daysRawAlready}
        unit="d"
        value={pieces.daysRaw ?? 0}
        rule={RANGES.daysRaw}
        digits={1}
        onChange={(daysRaw) => set({ daysRaw: daysRaw || undefined })}
        onValidity={onValidity}
      />
      <Toggle
        label={words.saltedByThePacker}
        value={pieces.enhanced !== null}
        onChange={(on) => set({ enhanced: on ? LABEL_DEFAULT : null })}
      />
      {pieces.enhanced && (
        <EnhancedFields
          value={pieces.enhanced}
          onChange={(enhanced) => set({ enhanced })}
          onValidity={onValidity}
        />
      )}
    </Group>
  );
}

function EnhancedFields(props: {
  value: Enhanced;
  onChange: (value: Enhanced) => void;
  onValidity: PanelProps["onValidity"];
}) {
  const { value, onChange, onValidity } = props;
  return (
    <div className="border-l-4 border-line pl-2">
      <QuantityField
        label={words.solutionByTheLabel}
        unit="%"
        value={value.solutionFraction * 100}
        rule={RANGES.solutionPercent}
        digits={1}
        onChange={(percent) => onChange({ ...value, solutionFraction: percent / 100 })}
        onValidity={onValidity}
      />
      <QuantityField
        label={words.sodiumMgPer100G}
        unit="mg"
        value={value.sodiumMgPer100g}
        rule={RANGES.sodiumMgPer100g}
        step={10}
        onChange={(sodiumMgPer100g) => onChange({ ...value, sodiumMgPer100g })}
        onValidity={onValidity}
      />
    </div>
  );
}
