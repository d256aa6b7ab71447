import type { WorkedOut } from "@/core/bench/worked";
import type { MixKind } from "@/core/formula/weigh/mix";
import type { CrustFigures } from "@/core/formula/weigh/prepared";
import { whitesSaid } from "@/core/formula/weigh/whites";
import type { CrustPreparation } from "@/core/formulation";
import { RULE_RATIO } from "@/core/vessel/crust-shell";
import { duration, fixed, grams, percent } from "@/ui/format";
import { useTold, useUnits } from "@/ui/measures";

const USE = { sauce: "the sauce", glaze: "the glaze", baste: "basting", dressing: "the dressing" };

/** How what was weighed comes together: what is set aside first, what goes in by steps, when to stop. */
export function Steps({ input, sheet, practiceH }: Pick<WorkedOut, "input" | "sheet" | "practiceH">) {
  const units = useUnits();
  const told = useTold();
  const { reserve } = input;
  const { paste, crust, snug } = sheet;
  const madeG = sheet.lines.reduce((sum, l) => sum + l.massG, 0);
  return (
    <ol className="mt-2 space-y-2 text-sm empty:hidden" aria-label="How it comes together">
      {reserve && (
        <Step>
          Set <b>{grams(madeG * reserve.share)} g</b> aside for {USE[reserve.use]} before raw food comes near.
          What touched raw food is boiled or thrown away.
        </Step>
      )}
      {paste && (
        <Step>
          Binder by steps, stirring each time: <Amounts steps={paste.steps} />. Stop when it{" "}
          {WANTED[input.preparation.kind === "paste" ? input.preparation.wanted : "clings"]}.
        </Step>
      )}
      {crust && crust.waterSteps.length > 0 && (
        <Step>
          Water by steps: <Amounts steps={crust.waterSteps} />. Stop at damp sand: a squeezed handful holds
          its shape.
        </Step>
      )}
      {crust && crust.eggWhites > 0 && (
        <Step>
          <b>{whitesSaid(crust.eggWhites)}</b> egg whites, stirred through. A squeezed handful holds its
          shape; if it crumbles, a spoon of water.
        </Step>
      )}
      {crust && input.preparation.kind === "saltCrust" && (
        <CrustStep crust={crust} preparation={input.preparation} />
      )}
      {sheet.coat && sheet.mix?.scorchC !== undefined && (
        <Step>
          Blackens in an oven of about <b className="figure">{units.temperature(sheet.mix.scorchC)}</b>;{" "}
          {percent(sheet.mix.sugarFraction, 0)} % of it is sugar.
        </Step>
      )}
      {snug && sheet.mix && (
        <Step>
          {MARINADE_KIND[sheet.mix.kind]} By practice {duration(practiceH.from)} to {duration(practiceH.to)}{" "}
          for this food.
        </Step>
      )}
      {snug && (
        <Step>
          <b>{told(`${fixed(snug.haveMl, 0)} ml`)}</b> here. To cover the food in this vessel:{" "}
          {told(`${fixed(snug.coverMl, 0)} ml`)}; in a bag pressed round it:{" "}
          <b>{told(`${fixed(snug.bagMl, 0)} ml`)}</b>.
        </Step>
      )}
    </ol>
  );
}

/** What kind of marinade it is, by what is in it, and how it treats flesh. */
const MARINADE_KIND: Record<MixKind, string> = {
  acid: "Sharp: acid turns the outside opaque and in time chalky; salt keeps going in.",
  dairy: "Dairy: mild acid, so it may stay long; milk solids brown early.",
  enzyme: "With an enzyme fruit: it softens the surface fast, then turns it to paste.",
  oil: "Oil and aromatics: mild; they stay at the surface, salt alone goes in.",
};

const WANTED = {
  coats: "coats a spoon and runs off slowly",
  clings: "clings to the spoon held upright",
  ridges: "holds a ridge",
};

function Step({ children }: { children: React.ReactNode }) {
  return <li className="border-l-4 border-primary pl-2">{children}</li>;
}

/** Where the crust's salt goes, and what another way of reckoning it would take. */
function CrustStep({ crust, preparation }: { crust: CrustFigures; preparation: CrustPreparation }) {
  const units = useUnits();
  const { saltBy = "geometry", overMm } = preparation;
  const salt = <b>{grams(crust.saltG)} g</b>;
  const byRule = `The ${RULE_RATIO} to 1 rule would take ${grams(crust.ruleG)} g.`;
  const under = <b>{units.length(crust.underMm)}</b>;
  const over = <b>{units.length(crust.overMm)}</b>;
  if (saltBy === "geometry")
    return (
      <Step>
        {under} under, {over} over: {salt}. {byRule}
      </Step>
    );
  return (
    <Step>
      {under} under, the rest over, about {over}: {salt}{" "}
      {saltBy === "rule" ? `by the ${RULE_RATIO} to 1 rule` : "as you have it"}.{" "}
      {saltBy === "given" ? byRule : `${units.length(overMm)} over would take ${grams(crust.geometryG)} g.`}
    </Step>
  );
}

function Amounts({ steps }: { steps: readonly number[] }) {
  return <b className="figure">{steps.map((g) => `${grams(g)} g`).join(" + ")}</b>;
}
