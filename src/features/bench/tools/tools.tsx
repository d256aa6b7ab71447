import { Copy, ListChecks, ShoppingBasket, Snowflake, ThermometerSnowflake } from "lucide-react";
import dynamic from "next/dynamic";
import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { orMissing } from "@/ui/or-missing";
import * as words from "@/words/bench/tools/tools";

/* Loaded when they are opened: what is not asked for is not waited for. */
const ChillDialog = dynamic(
  orMissing(async () => (await import("../what-if/chill-dialog")).ChillDialog),
  {
    ssr: false,
  },
);
const BuyDialog = dynamic(
  orMissing(async () => (await import("./buy-dialog")).BuyDialog),
  { ssr: false },
);
const ChecklistDialog = dynamic(
  orMissing(async () => (await import("./checklist-dialog")).ChecklistDialog),
  {
    ssr: false,
  },
);
const ColdDialog = dynamic(
  orMissing(async () => (await import("./cold-dialog")).ColdDialog),
  { ssr: false },
);
const ScaleDialog = dynamic(
  orMissing(async () => (await import("./scale-dialog")).ScaleDialog),
  { ssr: false },
);

export type Tool = "chill" | "scale" | "buy" | "checklist" | "cold";

interface Props {
  input: Formulation;
  sheet: Formulated;
}

/** The small jobs around a formula; only those that apply. */
export function ToolButtons({ input, sheet, onTool }: Props & { onTool: (tool: Tool) => void }) {
  const cold = input.pieces.thaw !== undefined || input.holding.place === "cooler";
  const tools = [
    { id: "checklist" as const, label: words.beforeYouStart, Icon: ListChecks, shown: true },
    { id: "chill" as const, label: words.hotWaterAndIce, Icon: Snowflake, shown: sheet.brine !== undefined },
    { id: "scale" as const, label: words.moreFood, Icon: Copy, shown: true },
    { id: "buy" as const, label: words.buy, Icon: ShoppingBasket, shown: true },
    { id: "cold" as const, label: words.thawAndCooler, Icon: ThermometerSnowflake, shown: cold },
  ];
  return (
    <div className="mt-3 flex flex-wrap gap-2 print:hidden">
      {tools.map(
        ({ id, label, Icon, shown }) =>
          shown && (
            <button
              key={id}
              type="button"
              className="btn min-h-11 px-3 font-normal"
              onClick={() => onTool(id)}
            >
              <Icon size={18} aria-hidden /> {label}
            </button>
          ),
      )}
    </div>
  );
}

interface DialogProps extends Props {
  tool: Tool | null;
  change: (edit: (f: Formulation) => Formulation) => void;
  onClose: () => void;
}

export function ToolDialog({ tool, ...props }: DialogProps) {
  switch (tool) {
    case "chill":
      return <ChillDialog {...props} />;
    case "scale":
      return <ScaleDialog {...props} />;
    case "buy":
      return <BuyDialog {...props} />;
    case "checklist":
      return <ChecklistDialog {...props} />;
    case "cold":
      return <ColdDialog {...props} />;
    case null:
      return null;
  }
}
