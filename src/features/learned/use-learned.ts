import type { KitchenLearned } from "@/contracts/learned";
import type { LearnedView } from "@/contracts/learned-view";
import { useSave } from "@/ui/use-save";

/** What the cook decides about what is learnt, kept as one thing of the kitchen's. */
export function useLearned(view: LearnedView, kept: KitchenLearned) {
  const { save, problem } = useSave();
  const change = (part: Partial<KitchenLearned>) =>
    void save("PATCH", "/api/kitchen", { learned: { ...kept, ...part } });
  return {
    problem,
    /** @param key which figure; @param value left out, it is forgotten */
    take: (key: keyof KitchenLearned["heat"], value?: number) => {
      const heat = { ...kept.heat };
      if (value === undefined) delete heat[key];
      else heat[key] = value;
      change({ heat });
    },
    takeRate: (foodId: string) => void save("PUT", `/api/rates/${foodId}`, {}),
    forgetRate: (foodId: string) => void save("DELETE", `/api/rates/${foodId}`),
    leaveOut: (batchId: string, out: boolean) =>
      change({
        leftOut: out ? [...kept.leftOut, batchId] : kept.leftOut.filter((id) => id !== batchId),
      }),
    readOven: (dialC: number, readC: number, atMs: number) =>
      change({ ovenReadings: [...kept.ovenReadings, { dialC, readC, atMs }] }),
    unreadOven: (at: number) => change({ ovenReadings: kept.ovenReadings.filter((_, i) => i !== at) }),
    /** A batch by its name and day. */
    batchOf: (id: string) => view.batches[id],
  };
}

export type LearnedActs = ReturnType<typeof useLearned>;
