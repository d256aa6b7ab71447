"use client";

import { Link } from "@/ui/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { KitchenView } from "@/contracts/views";
import { send } from "@/ui/send";
import { AsThisDevice } from "./as-this-device";
import * as words from "@/words/shelf/empty-shelf";

/** An empty kitchen: one sentence, two ways to begin. */
export function EmptyShelf({ kitchen }: { kitchen: KitchenView }) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const load = async () => {
    const sent = await send("POST", "/api/demo");
    setProblem(sent.ok ? null : sent.problem.detail);
    if (sent.ok) router.refresh();
  };
  return (
    <div className="flex flex-col items-start gap-6 p-6 lg:p-16">
      <svg viewBox="0 0 300 120" className="w-72" aria-hidden>
        <path
          d="M90 20 L100 98 H200 L210 20"
          fill="none"
          stroke="var(--line)"
          strokeWidth="3"
          strokeDasharray="7 6"
        />
        <rect x="0" y="100" width="300" height="10" fill="var(--iron)" />
        <rect x="30" y="110" width="8" height="10" fill="var(--iron)" />
        <rect x="262" y="110" width="8" height="10" fill="var(--iron)" />
      </svg>
      <p className="max-w-prose text-xl">{words.weighAPieceAndThe}</p>
      <AsThisDevice kitchen={kitchen} />
      <div className="flex flex-wrap gap-3">
        <Link href="/bench" className="btn btn-primary btn-lg">
          {words.startABatch}
        </Link>
        <button type="button" className="btn btn-lg" onClick={load}>
          {words.loadTheExampleKitchen}
        </button>
      </div>
      {problem && (
        <p role="alert" className="text-error">
          {problem}
        </p>
      )}
    </div>
  );
}
