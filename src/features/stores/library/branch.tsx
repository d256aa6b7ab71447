"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { send } from "@/ui/send";
import { SaveProblem } from "@/ui/use-save";
import * as words from "@/words/stores/library/branch";

/** A formula of its own that begins as this version. */
export function Branch({ id, version, name }: { id: string; version: number; name: string }) {
  const router = useRouter();
  const [wanted, setWanted] = useState(words.anotherWay(name));
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
      <h2 className="text-2xl">{words.branch}</h2>
      <p className="text-quiet">{words.aNewFormulaThatBegins(version)}</p>
      <form
        className="flex gap-2 pt-2"
        onSubmit={(event) => {
          event.preventDefault();
          void branch();
        }}
      >
        <input
          aria-label={words.nameOfTheBranch}
          className="entry min-w-0 flex-1 !border-line !text-left"
          value={wanted}
          maxLength={80}
          onChange={(event) => setWanted(event.target.value)}
        />
        <button className="btn min-h-11 font-normal" disabled={wanted.trim() === ""}>
          {words.branch}
        </button>
      </form>
      <SaveProblem problem={problem} />
    </section>
  );
}
