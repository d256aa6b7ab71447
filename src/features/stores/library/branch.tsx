"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { send } from "@/ui/send";
import { SaveProblem } from "@/ui/use-save";

/** A formula of its own that begins as this version. */
export function Branch({ id, version, name }: { id: string; version: number; name: string }) {
  const router = useRouter();
  const [wanted, setWanted] = useState(`${name}, another way`);
  const [problem, setProblem] = useState<string | null>(null);
  const branch = async () => {
    const sent = await send<{ formulaId: string }>("POST", `/api/formulas/${id}/branch`, {
      version,
      name: wanted.trim(),
    });
    if (!sent.ok) return setProblem(sent.problem.detail);
    router.push(`/bench?formula=${sent.value.formulaId}`);
  };
  return (
    <section>
      <h2 className="text-2xl">Branch</h2>
      <p className="text-quiet">A new formula that begins as version {version}; this one stays as it is.</p>
      <form
        className="flex gap-2 pt-2"
        onSubmit={(event) => {
          event.preventDefault();
          void branch();
        }}
      >
        <input
          aria-label="Name of the branch"
          className="entry min-w-0 flex-1 !border-line !text-left"
          value={wanted}
          maxLength={80}
          onChange={(event) => setWanted(event.target.value)}
        />
        <button className="btn min-h-11 font-normal" disabled={wanted.trim() === ""}>
          Branch
        </button>
      </form>
      <SaveProblem problem={problem} />
    </section>
  );
}
