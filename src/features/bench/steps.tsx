import type { WorkedOut } from "@/core/bench/worked";
import type { MixKind } from "@/core/formula/weigh/mix";
import type { CrustFigures } from "@/core/formula/weigh/prepared";
import { whitesSaid } from "@/core/formula/weigh/whites";
import type { CrustPreparation } from "@/core/formulation";
import { RULE_RATIO } from "@/core/vessel/crust-shell";
import { duration, fixed, grams, percent } from "@/ui/format";
import { useTold, useUnits } from "@/ui/measures";
import * as words from "@/words/bench/steps";

const USE = words.use;

/** How what was weighed comes together: what is set aside first, what goes in by steps, when to stop. */
export function Steps({ input, sheet, practiceH }: Pick<WorkedOut, "input" | "sheet" | "practiceH">) {
  const units = useUnits();
  const told = useTold();
  const { reserve } = input;
  const { paste, crust, snug } = sheet;
  const madeG = sheet.lines.reduce((sum, l) => sum + l.massG, 0);
  return (
    <ol className="mt-2 space-y-2 text-sm empty:hidden" aria-label={words.howItComesTogether}>
      {reserve && (
        <Step>{words.setAsideForBeforeRaw(<b>{grams(madeG * reserve.share)} g</b>, USE[reserve.use])}</Step>
      )}
      {paste && (
        <Step>
          {words.binderByStepsStirringEach(
            <Amounts steps={paste.steps} />,
            WANTED[input.preparation.kind === "paste" ? input.preparation.wanted : "clings"],
          )}
        </Step>
      )}
      {crust && crust.waterSteps.length > 0 && (
        <Step>{words.waterByStepsStopAt(<Amounts steps={crust.waterSteps} />)}</Step>
      )}
      {crust && crust.eggWhites > 0 && (
        <Step>{words.eggWhitesStirredThroughA(<b>{whitesSaid(crust.eggWhites)}</b>)}</Step>
      )}
      {crust && input.preparation.kind === "saltCrust" && (
        <CrustStep crust={crust} preparation={input.preparation} />
      )}
      {sheet.coat && sheet.mix?.scorchC !== undefined && (
        <Step>
          {words.blackensInAnOvenOf(
            <b className="figure">{units.temperature(sheet.mix.scorchC)}</b>,
            percent(sheet.mix.sugarFraction, 0),
          )}
        </Step>
      )}
      {snug && sheet.mix && (
        <Step>
          {words.byPracticeToForThis({
            kind: MARINADE_KIND[sheet.mix.kind],
            from: duration(practiceH.from),
            to: duration(practiceH.to),
          })}
        </Step>
      )}
      {snug && (
        <Step>
          {words.hereToCoverTheFood({
            haveMl: <b>{told(`${fixed(snug.haveMl, 0)} ml`)}</b>,
            coverMl: told(`${fixed(snug.coverMl, 0)} ml`),
            bagMl: <b>{told(`${fixed(snug.bagMl, 0)} ml`)}</b>,
          })}
        </Step>
      )}
    </ol>
  );
}

/** What kind of marinade it is, by what is in it, and how it treats flesh. */
const MARINADE_KIND: Record<MixKind, string> = words.marinadeKind;

const WANTED = words.wanted;

function Step({ children }: { children: React.ReactNode }) {
  return <li className="border-l-4 border-primary pl-2">{children}</li>;
}

/** Where the crust's salt goes, and what another way of reckoning it would take. */
function CrustStep({ crust, preparation }: { crust: CrustFigures; preparation: CrustPreparation }) {
  const units = useUnits();
  const { saltBy = "geometry", overMm } = preparation;
  const salt = <b>{grams(crust.saltG)} g</b>;
  const byRule = words.theTo1RuleWould(RULE_RATIO, grams(crust.ruleG));
  const under = <b>{units.length(crust.underMm)}</b>;
  const over = <b>{units.length(crust.overMm)}</b>;
  if (saltBy === "geometry") return <Step>{words.underOver({ under, over, salt, byRule })}</Step>;
  return (
    <Step>
      {words.underTheRestOverAbout({
        under,
        over,
        salt,
        saltBy,
        ruleRatio: RULE_RATIO,
        byRule,
        overMm: units.length(overMm),
        geometryG: grams(crust.geometryG),
      })}
    </Step>
  );
}

function Amounts({ steps }: { steps: readonly number[] }) {
  return <b className="figure">{steps.map((g) => `${grams(g)} g`).join(" + ")}</b>;
}
