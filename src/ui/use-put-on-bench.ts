import { useRouter } from "next/navigation";
import type { Formulation } from "@/core/formulation";
import { keepDraft, NEW_DRAFT, readDraft } from "./draft-storage";

/** Puts a formulation on the Bench as a new draft; where another lies there unsaved, asks first. */
export function usePutOnBench(): (formulation: Formulation) => Promise<void> {
  const router = useRouter();
  return async (formulation) => {
    const there = await readDraft(NEW_DRAFT);
    const lost = `The Bench holds a draft that is not saved: “${there?.formulation.name}”. Put this one in its place?`;
    if (there && !window.confirm(lost)) return;
    keepDraft({ ...NEW_DRAFT, formulation });
    router.push("/bench");
  };
}
