import { useMemo } from "react";
import type { BatchDetail } from "@/contracts/views";
import type { WorkView } from "@/contracts/work";
import { outcomeAt } from "@/core/formula/account/outcome";
import type { Formulated } from "@/core/formula/formulate";
import { causesOf } from "@/core/journal/causes";
import { FAULT_NAME, type FaultId } from "@/core/journal/outcome";
import { sayBorneOut } from "@/ui/judged";
import { Told } from "@/ui/measures";
import { useFormulated } from "./use-formulated";
import * as words from "@/words/work/causes";

interface Props {
  batch: BatchDetail;
  work: WorkView;
  faults: readonly FaultId[];
}

/** Why, by this batch's own figures, and what to change next time. */
export function Causes(props: Props) {
  const { weights, scaledBy } = props.work;
  const sheet = useFormulated(
    props.batch,
    useMemo(() => ({ weights, scaledBy }), [weights, scaledBy]),
  );
  return sheet && <Likely {...props} sheet={sheet} />;
}

function Likely({ batch, sheet, work, faults }: Props & { sheet: Formulated }) {
  const hours =
    work.liftedAtMs === null ? batch.formulation.pullH : (work.liftedAtMs - work.startedAtMs) / 3_600_000;
  const salt = sheet.lines.find((l) => l.role === "salt");
  const planned = batch.sheet.lines.find((l) => l.id === salt?.id);
  const weighed = planned && work.weights[planned.id];
  const cores = work.readings.filter((r) => r.channel === "probe").map((r) => r.value);
  const real = {
    input: batch.formulation,
    sheet,
    atLift: outcomeAt(sheet, Math.min(96, Math.max(0, hours)), batch.formulation.portions),
    hours,
    // As far as it ever went: after the heat it cools again.
    ...(cores.length > 0 && { coreC: Math.max(...cores) }),
    saltFactor: weighed ? weighed / (planned.massG * work.scaledBy) : 1,
  };
  return faults.map((fault) => (
    <div key={fault} className="mt-2 border-l-4 border-primary pl-3" data-fault={fault}>
      <p className="font-semibold">{words.why(FAULT_NAME[fault])}</p>
      <ol>
        {causesOf(fault, real).map((cause) => (
          <li key={cause.id}>
            <Told>{cause.text}</Told> <span className="text-quiet">({sayBorneOut(cause.strength)})</span>{" "}
            <b>{words.nextTime}</b> <Told>{cause.change}</Told>
          </li>
        ))}
      </ol>
    </div>
  ));
}
