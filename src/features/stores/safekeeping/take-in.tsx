"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { FileButton } from "@/ui/file-button";
import { sendFile } from "@/ui/send";

type Waiting = { file: File; path: string; detail: string } | null;

/** A snapshot or an archive in again. What takes the place of a kitchen in use is asked once more. */
export function TakeIn() {
  const router = useRouter();
  const [waiting, setWaiting] = useState<Waiting>(null);
  const [said, setSaid] = useState<{ text: string; bad: boolean } | null>(null);

  const put = async (file: File, path: string) => {
    setWaiting(null);
    setSaid({ text: "Reading it …", bad: false });
    const sent = await sendFile<{ old: string | null }>(path, file);
    if (!sent.ok) {
      setSaid({ text: sent.problem.detail, bad: true });
      if (sent.problem.status === 409)
        setWaiting({ file, path: "/api/archive?replace=1", detail: sent.problem.detail });
      return;
    }
    setSaid({
      text: sent.value.old
        ? `It is in place. What was here is kept as ${sent.value.old.split("/").at(-1)}.`
        : "It is in place.",
      bad: false,
    });
    router.refresh();
  };
  const take = (file: File) => {
    setSaid(null);
    if (/\.zip$/i.test(file.name)) return void put(file, "/api/archive");
    setWaiting({
      file,
      path: "/api/restore",
      detail: `${file.name} takes the place of this kitchen; what is here now is kept as a snapshot.`,
    });
  };
  return (
    <div className="pt-3">
      <h3 className="text-xl">And in again</h3>
      <div className="pt-2">
        <FileButton label="A snapshot or archive" accept=".db,.zip" onFile={take} />
      </div>
      {waiting ? (
        <div
          role="alertdialog"
          aria-label="In place of this kitchen?"
          className="mt-2 border-l-8 border-warning bg-base-100 p-3"
        >
          <p>{waiting.detail}</p>
          <div className="flex gap-2 pt-2">
            <button
              type="button"
              className="btn btn-warning min-h-11"
              onClick={() => void put(waiting.file, waiting.path)}
            >
              Put it in place
            </button>
            <button type="button" className="btn min-h-11" onClick={() => setWaiting(null)}>
              Leave it
            </button>
          </div>
        </div>
      ) : (
        said && (
          <p role={said.bad ? "alert" : "status"} className={`pt-2 ${said.bad ? "text-error" : ""}`}>
            {said.text}
          </p>
        )
      )}
    </div>
  );
}
