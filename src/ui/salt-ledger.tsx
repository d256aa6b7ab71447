import type { SaltLedger } from "@/core/formula/outcome";
import { fixed } from "./format";

/** Where each gram of salt is: a bar to scale, and the figures in words. */
export function SaltLedgerBar({ ledger }: { ledger: SaltLedger }) {
  const totalG = ledger.addedG + ledger.nativeG;
  const parts = [
    { name: "in the flesh", massG: ledger.inFleshG, look: "bg-primary" },
    { name: "on it", massG: ledger.onSurfaceG, look: "hatched" },
    { name: "left in the vessel", massG: ledger.leftInBathG, look: "bg-[var(--brine-pale)]" },
  ].filter((part) => part.massG > 0.05);
  return (
    <div>
      <div className="flex items-baseline justify-between">
        <h3 className="text-lg">Salt ledger</h3>
        <span className="text-sm text-quiet">
          <span className="figure">{fixed(ledger.addedG, 1)}</span> g added,{" "}
          <span className="figure">{fixed(ledger.nativeG, 1)}</span> g its own
        </span>
      </div>
      <div className="my-1 flex h-4 border border-[var(--iron)]" aria-hidden>
        {parts.map((part) => (
          <span
            key={part.name}
            className={`border-r border-[var(--iron)] last:border-r-0 ${part.look}`}
            style={{ width: `${(100 * part.massG) / totalG}%` }}
          />
        ))}
      </div>
      <ul className="flex flex-wrap justify-between gap-x-3 text-sm">
        {parts.map((part) => (
          <li key={part.name}>
            <span className="figure">{fixed(part.massG, 1)}</span> g {part.name}
          </li>
        ))}
      </ul>
    </div>
  );
}
