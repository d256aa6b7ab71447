import { Plus, Trash2 } from "lucide-react";
import { lineOffered } from "@/core/formula/offer/offered";
import { COMPANIONS_MAX, LINES_MAX, RANGES } from "@/core/quantity/ranges";
import { bedBatches, goesOnAt, PUT_ON } from "@/core/formula/weigh/companions";
import type { Companion, CompanionKind, CompanionLine, CompanionTime } from "@/core/formulation";
import { Select } from "@/ui/choice";
import { PART_NAME } from "@/ui/names";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import { AddIngredient } from "./ingredient-options";
import { LineRow, type LineBases } from "./line-row";
import { Group, type PanelProps } from "./panel";
import * as words from "@/words/bench/panels/companions-panel";

const KINDS: CompanionKind[] = [
  "glaze",
  "butter",
  "baste",
  "sauce",
  "dressing",
  "bed",
  "coat",
  "drizzle",
  "salting",
];
/** Of these there may be several, each at a time of its own. */
const SEVERAL: ReadonlySet<CompanionKind> = new Set(["salting", "drizzle", "sauce"]);

/** Starting lines: *practice*. */
const STARTERS: Record<CompanionKind, [string, number][]> = {
  glaze: [
    ["honey", 15],
    ["mustard_dijon", 8],
  ],
  butter: [
    ["butter_unsalted", 25],
    ["thyme", 1],
  ],
  baste: [["butter_unsalted", 30]],
  sauce: [
    ["stock_unsalted", 80],
    ["butter_unsalted", 10],
  ],
  dressing: [
    ["olive_oil", 20],
    ["lemon_juice", 10],
  ],
  bed: [
    ["carrot", 150],
    ["onion", 100],
  ],
  coat: [
    ["flour_wheat", 30],
    ["egg_whole", 40],
    ["breadcrumbs_dry", 60],
    ["sunflower_oil", 25],
  ],
  drizzle: [["olive_oil", 10]],
  salting: [["flaky_finishing", 2]],
};

const line = ([ingredientId, amountG]: [string, number]): CompanionLine => ({
  ingredientId,
  amountG,
  scalesWith: "foodMass",
  optional: false,
});

/** What shares the plate with it: glaze, butter, sauce, dressing, a bed of vegetables. */
export function CompanionsPanel(props: PanelProps & { bases: LineBases | undefined; cookMin: number }) {
  const { value, change } = props;
  const companions = value.companions ?? [];
  const set = (next: Companion[]) =>
    change((f) => ({ ...f, companions: next.length > 0 ? next : undefined }));
  const add = (kind: CompanionKind) => {
    const lines = STARTERS[kind]
      .map(line)
      .map((l, i) => (kind === "bed" ? { ...l, bakeMin: i === 0 ? 40 : 25 } : l));
    set([...companions, { kind, name: "", lines, ...(kind === "glaze" && { lastMin: 10 }) }]);
  };
  const unused = KINDS.filter((kind) => SEVERAL.has(kind) || !companions.some((c) => c.kind === kind));
  return (
    <Group title={words.besideIt}>
      {companions.map((companion, index) => (
        <CompanionFields
          key={`${companion.kind}-${index}`}
          {...props}
          companion={companion}
          onChange={(next) => set(companions.map((c, i) => (i === index ? next : c)))}
          onRemove={() => set(companions.filter((_, i) => i !== index))}
        />
      ))}
      {companions.length < COMPANIONS_MAX && unused.length > 0 && (
        <div className="flex flex-wrap gap-2">
          {unused.map((kind) => (
            <button key={kind} type="button" className="btn min-h-11 font-normal" onClick={() => add(kind)}>
              <Plus size={16} aria-hidden /> {PART_NAME[kind]}
            </button>
          ))}
        </div>
      )}
    </Group>
  );
}

const TIMES: { value: CompanionTime; label: string }[] = [
  { value: "beforeHeat", label: words.beforeTheHeat },
  { value: "inHeat", label: words.whileItCooks },
  { value: "afterHeat", label: words.outOfTheHeat },
  { value: "atTable", label: words.atTheTable },
];

interface FieldsProps extends PanelProps {
  companion: Companion;
  bases: LineBases | undefined;
  cookMin: number;
  onChange: (companion: Companion) => void;
}

function CompanionFields(props: FieldsProps & { onRemove: () => void }) {
  const { companion, bases, onChange, onRemove, onValidity } = props;
  const { kind, lines } = companion;
  const { ingredient } = usePantry();
  const setLines = (next: CompanionLine[]) => onChange({ ...companion, lines: next });
  return (
    <fieldset className="mb-3 border border-line p-2">
      <legend className="px-1 text-lg">{PART_NAME[kind]}</legend>
      {lines.map((l, index) => (
        <LineRow
          key={`${l.ingredientId}-${index}`}
          line={l}
          laws={{ bath: false, salt: false }}
          parts={false}
          places={false}
          bakes={kind === "bed"}
          bases={bases}
          onChange={(next) => setLines(lines.map((old, i) => (i === index ? next : old)))}
          onRemove={() => setLines(lines.filter((_, i) => i !== index))}
          onValidity={onValidity}
        />
      ))}
      {lines.length < LINES_MAX && (
        <AddIngredient
          label={words.addToThe(PART_NAME[kind])}
          onAdd={(ingredientId) => {
            const found = ingredient(ingredientId);
            if (found) setLines([...lines, lineOffered(found, false)]);
          }}
        />
      )}
      {kind === "glaze" && (
        <QuantityField
          label={words.onInTheLast}
          unit="min"
          value={companion.lastMin ?? 10}
          rule={RANGES.bakeMin}
          onChange={(lastMin) => onChange({ ...companion, lastMin })}
          onValidity={onValidity}
        />
      )}
      {(kind === "sauce" || kind === "baste") && (
        <Select
          label={words.whatLayOnTheRaw}
          value={companion.leftover ?? "no"}
          options={[
            { value: "no", label: words.isThrownAway },
            { value: "boiled", label: words.goesInBoiled },
            { value: "asIs", label: words.goesInAsItIs },
          ]}
          onChange={(leftover) =>
            onChange({ ...companion, leftover: leftover === "no" ? undefined : leftover })
          }
        />
      )}
      {PUT_ON.has(kind) && (
        <Select
          label={words.goesOn}
          value={goesOnAt(companion)}
          options={TIMES}
          onChange={(when) => onChange({ ...companion, when })}
        />
      )}
      {kind === "bed" && <BedTimes {...props} />}
      <button type="button" className="btn btn-ghost min-h-11 px-0 font-normal" onClick={onRemove}>
        <Trash2 size={18} aria-hidden /> {words.takeTheOut(PART_NAME[kind])}
      </button>
    </fieldset>
  );
}

/** The bed in batches, so that all of it is done when the food is. */
function BedTimes({ companion, cookMin }: FieldsProps) {
  const { ingredient } = usePantry();
  return (
    <ul className="py-1 text-sm">
      {bedBatches(companion, cookMin).map((batch) => (
        <li key={batch.bakeMin} data-bed={batch.bakeMin}>
          {batch.ingredientIds.map((id) => ingredient(id)?.name ?? id).join(", ")}:{" "}
          {words.minBeforeTheFood(batch.inAtMin)}
        </li>
      ))}
    </ul>
  );
}
