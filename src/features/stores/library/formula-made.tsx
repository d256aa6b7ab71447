import { Link } from "@/ui/link";
import type { FormulaBatch } from "@/contracts/record";
import type { KitchenView } from "@/contracts/views";
import { outcomeAt } from "@/core/formula/account/outcome";
import { formulate } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { isBaked } from "@/core/preparations";
import { programOf } from "@/core/program/program";
import { actsIn } from "@/core/program/step";
import type { Step } from "@/core/program/step";
import { duration, percent } from "@/ui/format";
import { OnDate, Told } from "@/ui/measures";
import { SoakRail } from "@/ui/rail/soak-rail";
import { saltVerdict } from "@/ui/say";
import { Section } from "@/ui/section/section";
import { unitsOf } from "@/ui/units";
import { WeighLines } from "@/ui/weigh-lines";
import * as words from "@/words/stores/library/formula-made";

interface Props {
  kitchen: KitchenView;
  formulation: Formulation;
  version: number;
  batches: readonly FormulaBatch[];
}

/** The formula itself: how it lies, what is weighed, what is done, and what became of it so far. Drawn by the server. */
export function FormulaMade({ kitchen, formulation, version, batches }: Props) {
  const worked = formulate(formulation, { rateFactor: kitchen.rates[formulation.foodId]?.factor });
  if (!worked.ok)
    return (
      <p role="alert" className="text-lg">
        {words.theSumsOfVersionNo(version)}
      </p>
    );
  const sheet = worked.value;
  const outcome = outcomeAt(sheet, formulation.pullH, formulation.portions);
  const baked = isBaked(formulation);
  return (
    <div className="grid gap-8 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <section aria-label={words.asItLies} className="min-w-0">
        <p className="text-lg">
          {words.saltInTheFleshAfter({
            meanFraction: <span className="figure text-4xl">{percent(outcome.toHeat.meanFraction)}</span>,
            pullH: <span className="figure text-2xl">{duration(formulation.pullH)}</span>,
            targetFraction: <span className="figure">{percent(formulation.preparation.targetFraction)}</span>,
          })}
        </p>
        <div className="mx-auto h-64 max-w-2xl">
          <Section input={formulation} sheet={sheet} outcome={outcome} units={unitsOf(kitchen.measures)} />
        </div>
        <SoakRail
          window={sheet.soak.window}
          hours={formulation.pullH}
          marks={words.outOfTheOven(baked)}
          compact
        />
        <h2 className="mt-6 text-2xl">{words.whatIsDone}</h2>
        <ol>
          {actsIn(programOf(formulation, sheet)).map((step) => (
            <Act key={step.id} step={step} />
          ))}
        </ol>
      </section>
      <div className="min-w-0 space-y-6">
        <section aria-label={words.weighedOut}>
          <h2 className="text-2xl">{words.weighedOut}</h2>
          <WeighLines lines={[...sheet.lines, ...sheet.companions]} measures={kitchen.measures} />
        </section>
        <MadeOfIt batches={batches} timeZone={kitchen.timeZone} />
      </div>
    </div>
  );
}

/** When, from the food's going in. */
function when({ atMin }: Step): string {
  if (atMin === 0) return words.itGoesIn;
  const span = duration(Math.abs(atMin) / 60);
  return words.before(atMin, span);
}

const Act = ({ step }: { step: Step }) => (
  <li className="flex gap-3 border-b border-line py-1.5">
    <span className="figure w-28 shrink-0 text-sm leading-6">{when(step)}</span>
    <span>
      <Told>{step.title}</Told>
    </span>
  </li>
);

function MadeOfIt({ batches, timeZone }: { batches: readonly FormulaBatch[]; timeZone: string }) {
  return (
    <section aria-label={words.madeOfIt}>
      <h2 className="text-2xl">{words.madeOfIt}</h2>
      {batches.length === 0 && <p>{words.noBatchYet}</p>}
      <ul>
        {batches.map((b) => (
          <li key={b.id} className="border-b border-line">
            <Link href={`/batch/${b.id}`} className="flex min-h-12 items-center justify-between gap-3 py-1">
              <span className="font-semibold">{said(b)}</span>
              <span className="text-right text-sm text-quiet">
                <span className="figure">
                  <OnDate atMs={b.liftedAtMs ?? b.startedAtMs} timeZone={timeZone} />
                </span>
                <span className="block">{words.version(b.version)}</span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function said({ saltScore, liftedAtMs }: FormulaBatch): string {
  if (saltScore !== null) return saltVerdict(saltScore);
  return words.underWay(liftedAtMs);
}
