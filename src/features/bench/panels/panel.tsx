import type { Formulation } from "@/core/formulation";
import type { FaultyField } from "@/ui/say";

/** What every panel of the Bench is given. */
export interface PanelProps {
  value: Formulation;
  change: (edit: (f: Formulation) => Formulation) => void;
  onValidity: (label: string, problem: string | null) => void;
  /** The sums' refusal, if it belongs to the field asked for. */
  refusalFor: (field: FaultyField) => string | undefined;
}

/** Fields that belong together; their name is shown where it says more than the row they open from. */
export function Group({
  title,
  shown = false,
  children,
}: {
  title: string;
  shown?: boolean;
  children: React.ReactNode;
}) {
  return (
    <section aria-label={title}>
      {shown && <h4 className="mt-3 font-sans text-base font-semibold">{title}</h4>}
      {children}
    </section>
  );
}
