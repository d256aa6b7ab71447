import type { Readiness } from "@/core/diffusion/readiness";
import { withPreparation } from "@/core/formula/offer/offered";
import { RANGES } from "@/core/quantity/ranges";
import type { CrustFigures } from "@/core/formula/weigh/prepared";
import { choiceOf, described, isBaked, PREPARATION_CHOICES, PREPARATIONS } from "@/core/preparations";
import { assertNever } from "@/core/result";
import { Choice, Select } from "@/ui/choice";
import { usePantry } from "@/ui/pantry";
import { usePickLists } from "@/ui/pick-lists";
import { Picker } from "@/ui/picker";
import { QuantityField } from "@/ui/quantity-field";
import { Group, type PanelProps } from "./panel";
import { BrineFields } from "./preparation/brine-fields";
import { CrustFields, CureFields } from "./preparation/crust-fields";
import { InjectionFields } from "./preparation/injection-fields";
import { MarinadeFields, PasteFields, RubFields } from "./preparation/mixture-fields";
import { SaltGivenFields } from "./preparation/salt-given-fields";
import * as words from "@/words/bench/panels/preparation-panel";

const CHOICES = PREPARATION_CHOICES.map((value) => ({ value, ...PREPARATIONS[value].words.choice }));

const READINESS: { value: Readiness; label: string }[] = [
  { value: "outside", label: words.outsideSeasoned },
  { value: "seasoned", label: words.seasoned },
  { value: "even", label: words.evenToTheCentre },
];

/** The preparation, the salt and how much of it. */
export function PreparationPanel(
  props: PanelProps & { crust?: CrustFigures | undefined; weighedSaltG?: number | undefined },
) {
  const { value, change, onValidity, refusalFor } = props;
  const { ingredients } = usePantry();
  const { salts } = usePickLists();
  const { preparation } = value;
  const choice = choiceOf(preparation);
  const { sugarBySalt, enters } = described(preparation);
  const baked = isBaked(value);
  return (
    <Group title={words.preparation}>
      <Choice
        label={words.preparation}
        value={choice}
        options={CHOICES}
        columns={2}
        onChange={(next) => change((f) => withPreparation(f, next))}
      />
      {baked && (
        <QuantityField
          key={choice}
          label={words.saltWanted}
          unit="%"
          value={preparation.targetFraction * 100}
          rule={RANGES.targetPercent}
          digits={2}
          step={0.05}
          onChange={(p) =>
            change((f) => ({ ...f, preparation: { ...f.preparation, targetFraction: p / 100 } }))
          }
          onValidity={onValidity}
          refusal={refusalFor("target")}
          hint={<p className="pb-1 text-sm text-quiet">{words.ofTheFinishedFleshIts}</p>}
        />
      )}
      {!baked && <SaltGivenFields {...props} weighedG={props.weighedSaltG} />}
      <OwnFields {...props} />
      {!baked && (
        <Select
          label={words.readyMeans}
          value={value.readiness}
          options={READINESS.filter(({ value: means }) => means !== "outside" || enters === "face")}
          onChange={(readiness) => change((f) => ({ ...f, readiness }))}
        />
      )}
      <div className="field-row">
        <span>{words.salt}</span>
        <Picker
          look="row"
          label={words.salt}
          items={salts}
          chosenId={value.saltId}
          onPick={(saltId) => change((f) => ({ ...f, saltId }))}
        />
      </div>
      {refusalFor("salt") && (
        <p role="alert" className="py-1 text-sm text-error">
          {refusalFor("salt")}
        </p>
      )}
      {sugarBySalt && (
        <QuantityField
          label={words.sugarTo1OfSalt}
          unit="g/g"
          value={value.sugarPerSalt}
          rule={RANGES.sugarPerSalt}
          digits={2}
          step={0.1}
          onChange={(sugarPerSalt) => change((f) => ({ ...f, sugarPerSalt }))}
          onValidity={onValidity}
        />
      )}
      {sugarBySalt && value.sugarPerSalt > 0 && (
        <Select
          label={words.sugar}
          value={value.sugarId}
          options={ingredients
            .filter((i) => i.group === "sugar" || i.group === "syrup")
            .map((i) => ({ value: i.id, label: i.name }))}
          onChange={(sugarId) => change((f) => ({ ...f, sugarId }))}
        />
      )}
    </Group>
  );
}

/** What only this preparation asks. */
function OwnFields(props: PanelProps & { crust?: CrustFigures | undefined }) {
  const { preparation } = props.value;
  switch (preparation.kind) {
    case "wetBrine":
    case "dryBrine":
      return <BrineFields {...props} preparation={preparation} />;
    case "marinade":
      return <MarinadeFields {...props} preparation={preparation} />;
    case "paste":
      return <PasteFields {...props} preparation={preparation} />;
    case "rub":
      return <RubFields {...props} preparation={preparation} />;
    case "saltCrust":
      return <CrustFields {...props} preparation={preparation} />;
    case "cure":
      return <CureFields {...props} preparation={preparation} />;
    case "injection":
      return <InjectionFields {...props} preparation={preparation} />;
    default:
      return assertNever(preparation);
  }
}
