"use client";

import dynamic from "next/dynamic";
import { orMissing } from "@/ui/or-missing";
import { useState } from "react";
import type { KitchenView, Rate } from "@/contracts/views";
import type { Formulation } from "@/core/formula/model";
import { ReckonedHere } from "@/ui/reckoned-here";
import { useSoftWindow } from "@/ui/what-if/use-soft-window";
import { onlyOn, type Column } from "./column-tabs";
import { SheetPanel } from "./sheet-panel";
import { SoakPanel } from "./soak-panel";
import { soakKey, type Sheet } from "./use-sheet";
import { ToolDialog, type Tool } from "./tools/tools";

/* Loaded when they are opened: what is not asked for is not waited for. */
const CompareDialog = dynamic(
  orMissing(async () => (await import("./what-if/compare-dialog")).CompareDialog),
  {
    ssr: false,
  },
);
const SolveDialog = dynamic(
  orMissing(async () => (await import("./what-if/solve-dialog")).SolveDialog),
  {
    ssr: false,
  },
);

interface Props {
  kitchen: KitchenView;
  input: Formulation;
  worked: Sheet;
  rate: Rate | undefined;
  startAtMs: number;
  change: (edit: (f: Formulation) => Formulation) => void;
  unread: string[];
  shown: Column;
}

/** The middle and right of the Bench, where the sums have worked out. */
export function WorkedColumns({ kitchen, input, worked, rate, startAtMs, change, unread, shown }: Props) {
  const [open, setOpen] = useState<"solve" | "compare" | Tool | null>(null);
  const known = rate ?? { factor: 1 };
  const { sheet, outcome, findings } = worked;
  const soft = useSoftWindow(soakKey(input, rate), input, known, sheet.soak.window);
  const close = () => setOpen(null);
  return (
    <>
      <div className={`relative min-h-0 flex-col p-4 lg:flex lg:overflow-y-auto ${onlyOn("soak", shown)}`}>
        {unread.length > 0 && (
          <p className="mb-2 border-l-4 border-error bg-base-100 px-3 py-2" role="status">
            <strong>{unread.join(", ")}</strong> does not read. The figures stand on the last good entry.
          </p>
        )}
        {rate && <ReckonedHere rateFactor={rate.factor} />}
        <SoakPanel
          input={input}
          sheet={sheet}
          outcome={outcome}
          worked={worked}
          {...soft}
          startAtMs={startAtMs}
          timeZone={kitchen.timeZone}
          onPull={(pullH) => change((f) => ({ ...f, pullH }))}
          onSolve={() => setOpen("solve")}
          onCompare={() => setOpen("compare")}
        />
      </div>
      <div
        className={`relative min-h-0 flex-col border-line bg-base-100 p-4 lg:flex lg:overflow-y-auto lg:border-l ${onlyOn("sheet", shown)}`}
      >
        <SheetPanel
          input={input}
          sheet={sheet}
          outcome={outcome}
          findings={findings}
          measures={kitchen.measures}
          change={change}
          onTool={setOpen}
        />
      </div>
      <ToolDialog
        tool={open === "solve" || open === "compare" ? null : open}
        input={input}
        sheet={sheet}
        change={change}
        onClose={close}
      />
      {open === "solve" && <SolveDialog input={input} rate={known} change={change} onClose={close} />}
      {open === "compare" && <CompareDialog input={input} rate={known} onClose={close} />}
    </>
  );
}
