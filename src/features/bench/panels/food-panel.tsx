import type { PieceForm } from "@/core/diffusion/flesh-body";
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

/** A rack is a block whose underside is bone: salt goes in by every face but that. */
type ShapeChoice = PieceForm | "rack";

const SHAPES: { value: ShapeChoice; label: string }[] = [
  { value: "slab", label: "flat" },
  { value: "cylinder", label: "a log" },
  { value: "sphere", label: "a ball" },
  { value: "block", label: "a block, cut on all sides" },
  { value: "rack", label: "a rack, bones on one side" },
  { value: "wedge", label: "a wedge, its edge thin" },
  { value: "shortLog", label: "a short log, ends cut" },
  { value: "oval", label: "an oval that tapers, as a whole fish" },
];

const THAWS: { value: ThawMethod | "no"; label: string }[] = [
  { value: "no", label: "no" },
  { value: "fridge", label: "yes, thaws in the fridge" },
  { value: "coldWater", label: "yes, thaws in cold water" },
  { value: "inBrine", label: "yes, thaws in the bath" },
  { value: "counter", label: "yes, thaws on the counter" },
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
    <Group title="Food">
      {worked && (
        <div className="field-row">
          <span className="text-quiet">Meat without bone</span>
          <span className="flex items-center">
            <WhyOf figure="flesh" worked={worked} />
            <span className="figure text-lg">{grams(worked.sheet.flesh.massG)}</span>
            <span className="ml-1 w-7 text-sm text-quiet">g</span>
          </span>
        </div>
      )}
      <Select
        label="Shape"
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
          label="Salt enters by"
          value={pieces.faces}
          options={[
            { value: "both", label: "both faces" },
            { value: "one", label: "one face only" },
          ]}
          onChange={(faces) => set({ faces })}
        />
      )}
      <Toggle label="Bone in" value={pieces.bone} onChange={(bone) => set({ bone })} />
      <Toggle label="Skin on" value={pieces.skin} onChange={(skin) => set({ skin })} />
      <QuantityField
        label="Slashes, deep"
        unit="mm"
        value={pieces.slashDepthMm}
        rule={RANGES.slashDepthMm}
        onChange={(slashDepthMm) => set({ slashDepthMm })}
        onValidity={onValidity}
      />
      {pieces.slashDepthMm > 0 && (
        <QuantityField
          label="Slashes, apart"
          unit="mm"
          value={pieces.slashSpacingMm}
          rule={RANGES.slashSpacingMm}
          onChange={(slashSpacingMm) => set({ slashSpacingMm })}
          onValidity={onValidity}
        />
      )}
      <AlongsideFields value={value} change={change} onValidity={onValidity} />
      <Select
        label="Frozen"
        value={pieces.thaw ?? "no"}
        options={THAWS.filter((thaw) => thaw.value !== "inBrine" || bath || thaw.value === pieces.thaw)}
        onChange={(thaw) => set({ thaw: thaw === "no" ? undefined : thaw })}
      />
      {pieces.thaw === "inBrine" && !bath && (
        <p className="pb-2 text-sm">
          There is no bath here to thaw in: it is reckoned as thawed. Let it thaw in the fridge first.
        </p>
      )}
      {food?.kingdom === "bird" && food.form.startsWith("whole") && (
        <Toggle
          label="Stuffed"
          value={pieces.stuffed ?? false}
          onChange={(on) => set({ stuffed: on || undefined })}
        />
      )}
      <QuantityField
        label="Days raw already"
        unit="d"
        value={pieces.daysRaw ?? 0}
        rule={RANGES.daysRaw}
        digits={1}
        onChange={(daysRaw) => set({ daysRaw: daysRaw || undefined })}
        onValidity={onValidity}
      />
      <Toggle
        label="Salted by the packer"
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
        label="Solution, by the label"
        unit="%"
        value={value.solutionFraction * 100}
        rule={RANGES.solutionPercent}
        digits={1}
        onChange={(percent) => onChange({ ...value, solutionFraction: percent / 100 })}
        onValidity={onValidity}
      />
      <QuantityField
        label="Sodium, mg per 100 g"
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
