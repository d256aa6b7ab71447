import type { LearnedChange } from "@/contracts/learned";
import type { LearnedView } from "@/contracts/learned-view";
import type { HeatHere } from "@/core/formulation";
import { useSave } from "@/ui/use-save";

/** What the cook decides about what is learnt: each decision by itself, on what the kitchen has by then. */
export function useLearned(view: LearnedView) {
  const { save, problem } = useSave();
  const change = (one: LearnedChange) => void save("POST", "/api/learned", one);
  return {
    problem,
    take: (heat: HeatHere) => change({ kind: "heat", heat }),
    forget: (what: keyof HeatHere) => change({ kind: "forget", what }),
    takeRate: (foodId: string) => void save("PUT", `/api/rates/${foodId}`, {}),
    forgetRate: (foodId: string) => void save("DELETE", `/api/rates/${foodId}`),
    leaveOut: (batchId: string, out: boolean) => change({ kind: "leaveOut", batchId, out }),
    readOven: (reading: LearnedView["ovenReadings"][number]) => change({ kind: "read", reading }),
    unreadOven: (reading: LearnedView["ovenReadings"][number]) => change({ kind: "unread", reading }),
    /** A batch by its name and day. */
    batchOf: (id: string) => view.batches[id],
  };
}

export type LearnedActs = ReturnType<typeof useLearned>;
