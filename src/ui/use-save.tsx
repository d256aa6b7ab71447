"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { send } from "./send";

type Method = "POST" | "PUT" | "PATCH" | "DELETE";

/** Sends a change of the kitchen's and shows the page anew; a refusal stays to be read. */
export function useSave() {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  /** @returns what the server answered; undefined where it refused */
  const ask = async <T,>(method: Method, path: string, body?: unknown): Promise<{ value: T } | undefined> => {
    const sent = await send<T>(method, path, body);
    const issues = sent.ok ? [] : sent.problem.issues.map((i) => `${i.path}: ${i.message}`);
    setProblem(sent.ok ? null : [sent.problem.detail, ...issues].join(" "));
    if (!sent.ok) return undefined;
    router.refresh();
    return { value: sent.value };
  };
  const save = async (method: Method, path: string, body?: unknown): Promise<boolean> =>
    (await ask(method, path, body)) !== undefined;
  return { ask, save, problem };
}

export const SaveProblem = ({ problem }: { problem: string | null }) =>
  problem && (
    <p role="alert" className="py-1 text-sm text-error">
      {problem}
    </p>
  );
