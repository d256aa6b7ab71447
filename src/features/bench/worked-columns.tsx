"use client";

import dynamic from "next/dynamic";
import { memo, useCallback, useState } from "react";
import type { KitchenView, Rate } from "@/contracts/views";
import { soakKey } from "@/core/bench/soak-key";
import type { WorkedOut } from "@/core/bench/worked";
import type { Formulation } from "@/core/formulation";
import { Late } from "@/ui/late";
import { orMissing } from "@/ui/or-missing";
import { ReckonedHere } from "@/ui/reckoned-here";
import { useSoftWindow } from "@/ui/what-if/use-soft-window";
import { onlyOn, type Column } from "./column-tabs";
import { SheetPanel } from "./sheet-panel";
import { SoakPanel } from "./soak-panel";
import { ToolDialog, type Tool } from "./tools/tools";
import * as words from "@/words/bench/worked-columns";

/* Loaded when they are opened: what is not asked for is not waited for. */
const RinseOrRestDialog = dynamic(
  orMissing(async () => (await import("./what-if/rinse-or-rest-dialog")).RinseOrRestDialog),
  { ssr: false },
);
const ThisOrThat = dynamic(
  orMissing(async () => (await import("./this-or-that/this-or-that")).ThisOrThat),
  { ssr: false, loading: () => <p className="h-96 text-quiet">{words.fetching}</p> },
);

interface Props {
  kitchen: KitchenView;
  worked: WorkedOut;
  /** A newer answer is on its way. */
  late: boolean;
  /** As it stands on the rail now: the figures are there a moment later. */
  pullH: number;
  rate: Rate | undefined;
  /** The other draft, where two stand side by side. */
  that: Formulation | null;
  onThat: (that: Formulation | null) => void;
  onSwap: () => void;
  startAtMs: number;
  change: (edit: (f: Formulation) => Formulation) => void;
  unread: string[];
  shown: Column;
}

/** The middle and right of the Bench, where the sums have worked out. */
export function WorkedColumns({ late, shown, ...props }: Props) {
  const { kitchen, worked, rate, change } = props;
  const [open, setOpen] = useState<"after" | Tool | null>(null);
  const known = rate ?? { factor: 1 };
  const { input, sheet } = worked;
  const soft = useSoftWindow(soakKey(input, known.factor), input, known, sheet.soak.window);
  const close = () => setOpen(null);
  const onTool = useCallback((tool: Tool) => setOpen(tool), []);
  const onAfter = useCallback(() => setOpen("after"), []);
  return (
    <>
      <div
        aria-busy={late}
        className={`relative min-h-0 flex-col p-4 lg:flex lg:overflow-y-auto ${onlyOn("soak", shown)}`}
      >
        <Late />
        <Soak {...props} {...soft} onAfter={onAfter} />
      </div>
      <div
        aria-busy={late}
        className={`relative min-h-0 flex-col border-line bg-base-100 p-4 lg:flex lg:overflow-y-auto lg:border-l ${onlyOn("sheet", shown)}`}
      >
        <Sheet worked={worked} measures={kitchen.measures} change={change} onTool={onTool} />
      </div>
      <ToolDialog
        tool={open === "after" ? null : open}
        input={input}
        sheet={sheet}
        change={change}
        onClose={close}
      />
      {open === "after" && <RinseOrRestDialog input={input} rate={known} onClose={close} />}
    </>
  );
}

type SoakProps = Omit<Props, "late" | "shown"> & ReturnType<typeof useSoftWindow> & { onAfter: () => void };

/* Drawn anew only when they have something else to show: that an answer is on its way is said beside them. */
const Soak = memo(function Soak({ kitchen, worked, rate, that, change, unread, ...props }: SoakProps) {
  return (
    <>
      {unread.length > 0 && (
        <p className="mb-2 border-l-4 border-error bg-base-100 px-3 py-2" role="status">
          {words.doesNotReadTheFigures(<strong>{unread.join(", ")}</strong>)}
        </p>
      )}
      {rate && <ReckonedHere rateFactor={rate.factor} />}
      <SoakPanel
        worked={worked}
        pullH={props.pullH}
        window={props.window}
        sensitivities={props.sensitivities}
        progress={props.progress}
        startAtMs={props.startAtMs}
        timeZone={kitchen.timeZone}
        onPull={(pullH) => change((f) => ({ ...f, pullH }))}
        onAfter={props.onAfter}
        onCompare={() => props.onThat(worked.input)}
        instead={
          that && (
            <ThisOrThat
              worked={worked}
              kitchen={kitchen}
              that={that}
              onThat={props.onThat}
              onSwap={props.onSwap}
            />
          )
        }
      />
    </>
  );
});

const Sheet = memo(SheetPanel);
