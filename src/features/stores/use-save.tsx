"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { send } from "@/ui/send";

/** Sends a change of the kitchen's and shows the page anew; a refusal stays to be read. */
export function useSave() {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const save = async (method: "PUT" | "PATCH" | "DELETE", path: string, body?: unknown): Promise<boolean> => {
    const sent = await send(method, path, body);
    const issues = sent.ok ? [] : sent.problem.issues.map((i) => `${i.path}: ${i.message}`);
    setProblem(sent.ok ? null : [sent.problem.detail, ...issues].join(" "));
    if (sent.ok) router.refresh();
    return sent.ok;
  };
  return { save, problem };
}

export const SaveProblem = ({ problem }: { problem: string | null }) =>
  problem && (
    <p role="alert" className="py-1 text-sm text-error">
      {problem}
    </p>
  );
