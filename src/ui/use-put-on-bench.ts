import { useRouter } from "next/navigation";
import type { Formulation } from "@/core/formulation";
import { keepDraft, NEW_DRAFT, readDraft } from "./draft-storage";
import * as words from "@/words/ui/use-put-on-bench";

/** Puts a formulation on the Bench as a new draft; where another lies there unsaved, asks first. */
export function usePutOnBench(): (formulation: Formulation) => Promise<void> {
  const router = useRouter();
  return async (formulation) => {
    const there = await readDraft(NEW_DRAFT);
    const lost = words.theBenchHoldsADraft(there?.formulation.name);
    if (there && !window.confirm(lost)) return;
    keepDraft({ ...NEW_DRAFT, formulation });
    router.push("/bench");
  };
}
