import { ChevronRight } from "lucide-react";
import type { Cut } from "@/core/formula/account/advice";
import type { DishLedger, EndId, LedgerEnd } from "@/core/formula/account/dish-ledger";
import { fixed, grams, percent } from "./format";
import { END_NAME, PART_NAME } from "./names";
import * as words from "@/words/ui/salt-ledger";

const LOOK: Record<EndId, string> = {
  flesh: "bg-primary",
  surface: "hatched",
  coat: "hatched bg-[var(--brine-pale)]",
  reserve: "hatched bg-base-100",
  companions: "bg-[var(--hatch)]",
  inside: "hatched bg-base-100",
  skin: "bg-base-300",
  left: "bg-base-300",
  vessel: "bg-[var(--brine-pale)]",
  crust: "bg-[var(--brine-pale)]",
  rinsed: "bg-base-300",
  stock: "bg-base-300",
  takenOff: "bg-base-300",
  fallenOff: "bg-base-300",
  runOut: "bg-[var(--brine-pale)]",
};

/** Grams of salt: tenths while there are few of them, the scale's own steps when a crust makes kilograms. */
const saltG = (g: number) => (g < 100 ? fixed(g, 1) : grams(g));
const SEEN_G = 0.05;

/** Where each gram of the dish's salt comes from and where it ends; over the wanted salt, which line to cut. */
export function SaltLedger(props: {
  ledger: DishLedger;
  cuts?: readonly Cut[];
  /** Does what a proposal says; left out, it is only told. */
  onCut?: (cut: Cut) => void;
}) {
  const { ledger, cuts = [], onCut } = props;
  const ends = ledger.ends.filter((end) => end.naclG > SEEN_G);
  return (
    <section aria-label={words.saltLedger}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-2">
        <h3 className="text-lg whitespace-nowrap">{words.saltLedger}</h3>
        <span className="text-sm text-quiet">
          {words.gAPortionOfThe(
            <span className="figure">{saltG(ledger.perPortionG)}</span>,
            <span className="figure">{percent(ledger.shareOfFood)}</span>,
          )}
        </span>
      </div>
      <Bar ends={ends.filter((end) => end.id !== "crust")} />
      <ul className="text-sm">
        {ends.map((end) => (
          <li key={end.id} className="flex items-baseline justify-between gap-3" data-end={end.id}>
            <span className="flex items-center gap-2">
              <span
                className={`inline-block size-3 shrink-0 border border-[var(--iron)] ${LOOK[end.id]}`}
                aria-hidden
              />
              {END_NAME[end.id]}
              {!end.eaten && <span className="text-quiet">{words.notEaten}</span>}
            </span>
            <span>
              <span className="figure">{saltG(end.naclG)}</span> g
            </span>
          </li>
        ))}
      </ul>
      <Sources ledger={ledger} />
      {cuts.length > 0 && <Cuts cuts={cuts} onCut={onCut} />}
    </section>
  );
}

/** To scale, but for a crust: beside its kilograms nothing else would be seen. */
function Bar({ ends }: { ends: readonly LedgerEnd[] }) {
  const totalG = ends.reduce((sum, end) => sum + end.naclG, 0);
  return (
    <div className="my-1 flex h-4 border border-[var(--iron)]" aria-hidden>
      {ends.map((end) => (
        <span
          key={end.id}
          className={`border-r border-[var(--iron)] last:border-r-0 ${LOOK[end.id]}`}
          style={{ width: `${(100 * end.naclG) / totalG}%` }}
        />
      ))}
    </div>
  );
}

function Sources({ ledger }: { ledger: DishLedger }) {
  return (
    <details className="group text-sm">
      <summary className="flex min-h-11 cursor-pointer items-center gap-1">
        <ChevronRight size={16} aria-hidden className="transition-transform group-open:rotate-90" />
        {words.whereItsGComeFrom(<span className="figure">{saltG(ledger.totalG)}</span>)}
      </summary>
      <ul>
        {ledger.sources.map((source) => (
          <li key={source.id} className="flex justify-between gap-3" data-source={source.id}>
            <span>
              {source.name}
              {source.part === "food" && <span className="text-quiet">{words.itsOwn}</span>}
              {source.part !== "food" && source.part !== "main" && (
                <span className="text-quiet">, {PART_NAME[source.part]}</span>
              )}
            </span>
            <span className="whitespace-nowrap">
              <span className="figure">
                {source.naclG < 1 ? fixed(source.naclG, 2) : saltG(source.naclG)}
              </span>{" "}
              g
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}

function sayCut({ kind, cutG, source }: Cut): string {
  if (kind === "swap") return words.swapForItsUnsaltedKind(source.name);
  if (kind === "leaveOut") return words.leaveOut(source.name);
  return words.useGLessOf(cutG < 10 ? fixed(cutG, 1) : grams(cutG), source.name);
}

function Cuts({ cuts, onCut }: { cuts: readonly Cut[]; onCut?: ((cut: Cut) => void) | undefined }) {
  return (
    <div className="mt-1 border-l-4 border-warning pl-2 text-sm">
      <p className="font-semibold">{words.moreSaltIsEatenThan}</p>
      <ul>
        {cuts.map((cut) => (
          <li
            key={cut.source.id}
            data-cut={cut.source.id}
            className="flex items-center justify-between gap-2"
          >
            <span>
              {sayCut(cut)} → <span className="figure">{percent(cut.shareAfter)}</span> %
            </span>
            {onCut && (
              <button
                type="button"
                className="btn btn-ghost min-h-11 shrink-0 px-2 font-normal underline"
                aria-label={words.doIt(sayCut(cut))}
                onClick={() => onCut(cut)}
              >
                {words.doItShort}
              </button>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
