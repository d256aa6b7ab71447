"use client";

import { Link } from "@/ui/link";
import { useRouter } from "next/navigation";
import { useSyncExternalStore, useMemo, useState } from "react";
import { readFormulaFile } from "@/contracts/formula-file";
import type { KitchenView } from "@/contracts/views";
import { describeFormulation } from "@/core/exchange/describe";
import { send } from "@/ui/send";
import { Shell } from "@/ui/shell/shell";
import { usePutOnBench } from "@/ui/use-put-on-bench";
import * as words from "@/words/share/open-shared";

function onHash(listener: () => void): () => void {
  window.addEventListener("hashchange", listener);
  return () => window.removeEventListener("hashchange", listener);
}

/** A formula that came in a link: looked at first, then put on the Bench or kept. */
export function OpenShared({ kitchen }: { kitchen: KitchenView }) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const hash = useSyncExternalStore(
    onHash,
    () => window.location.hash,
    () => null,
  );
  const read = useMemo(() => (hash === null ? undefined : readFormulaFile(hash)), [hash]);
  const opened = read?.ok ? read.value : undefined;
  const toBench = usePutOnBench();
  const keep = async () => {
    if (!opened) return;
    const sent = await send<{ formulaId: string }>("POST", "/api/v1/formulas/file", opened);
    if (!sent.ok) return setProblem(sent.problem.detail);
    router.push(`/stores/formula/${sent.value.formulaId}`);
  };
  return (
    <Shell title={opened?.formulation.name ?? words.aSharedFormula} note={kitchen.name}>
      <div className="max-w-3xl space-y-4 p-4 lg:p-6">
        {hash !== null && !opened && (
          <p role="alert">
            {read && !read.ok ? read.error : words.thisLinkCarriesNoFormula}{" "}
            <Link className="link-in-text" href="/stores/recipe">
              {words.pasteItInstead}
            </Link>
          </p>
        )}
        {opened && (
          <>
            <div className="flex flex-wrap gap-3">
              <button
                type="button"
                className="btn btn-primary min-h-12"
                onClick={() => void toBench(opened.formulation)}
              >
                {words.putItOnTheBench}
              </button>
              <button type="button" className="btn min-h-12" onClick={() => void keep()}>
                {words.keepItInTheStores}
              </button>
            </div>
            {problem && (
              <p role="alert" className="text-error">
                {problem}
              </p>
            )}
            {opened.tags.length > 0 && <p>{opened.tags.join(" · ")}</p>}
            <p className="text-quiet">{words.whatItSaysNothingIs}</p>
            <ul className="font-mono text-[0.9375rem]">
              {describeFormulation(opened.formulation).map((line, i) => (
                <li key={i} className="border-b border-dotted border-line py-1">
                  {line}
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
    </Shell>
  );
}
