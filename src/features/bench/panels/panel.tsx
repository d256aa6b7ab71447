import type { Formulation } from "@/core/formula/model";
import type { FaultyField } from "@/ui/say";

/** What every panel of the Bench is given. */
export interface PanelProps {
  value: Formulation;
  change: (edit: (f: Formulation) => Formulation) => void;
  onValidity: (label: string, problem: string | null) => void;
  /** The sums' refusal, if it belongs to the field asked for. */
  refusalFor: (field: FaultyField) => string | undefined;
}

/** A titled group of fields. */
export function Group({
  title,
  note,
  children,
}: {
  title: string;
  note?: React.ReactNode;
  children: React.ReactNode;
}) {
  return (
    <section className="mb-5">
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl">{title}</h2>
        {note}
      </div>
      {children}
    </section>
  );
}
