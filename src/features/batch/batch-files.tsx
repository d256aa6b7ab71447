"use client";

import { FileDown } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { BatchDetail } from "@/contracts/views";
import { FileButton } from "@/ui/file-button";
import { sendFile } from "@/ui/send";
import * as words from "@/words/batch/batch-files";

/** Everything read of a batch as a file, and readings from one: all of it, or none. */
export function BatchFiles({ batch }: { batch: BatchDetail }) {
  const router = useRouter();
  const [said, setSaid] = useState<{ text: string; bad: boolean } | null>(null);
  const path = `/api/batches/${batch.id}/csv`;
  const take = async (file: File) => {
    const sent = await sendFile<{ kept: number }>(path, file);
    setSaid(
      sent.ok
        ? { text: words.readingsAreHereNow(sent.value.kept), bad: false }
        : { text: sent.problem.detail, bad: true },
    );
    if (sent.ok) router.refresh();
  };
  return (
    <section className="mt-6" aria-label={words.files}>
      <h2 className="text-xl">{words.readingsAsAFile}</h2>
      <div className="flex flex-wrap gap-2 py-2">
        <a className="btn min-h-11 font-normal" href={path} download>
          <FileDown size={18} aria-hidden /> {words.allReadingsCsv}
        </a>
        <FileButton label={words.readSomeIn} accept=".csv,text/csv" onFile={take} />
      </div>
      {said && (
        <p role={said.bad ? "alert" : "status"} className={said.bad ? "text-error" : ""}>
          {said.text}
        </p>
      )}
    </section>
  );
}
