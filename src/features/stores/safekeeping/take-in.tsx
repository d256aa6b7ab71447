"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { FileButton } from "@/ui/file-button";
import { sendFile } from "@/ui/send";
import * as words from "@/words/stores/safekeeping/take-in";

type Waiting = { file: File; path: string; detail: string } | null;

/** A snapshot or an archive in again. What takes the place of a kitchen in use is asked once more. */
export function TakeIn() {
  const router = useRouter();
  const [waiting, setWaiting] = useState<Waiting>(null);
  const [said, setSaid] = useState<{ text: string; bad: boolean } | null>(null);

  const put = async (file: File, path: string) => {
    setWaiting(null);
    setSaid({ text: words.readingIt, bad: false });
    const sent = await sendFile<{ old: string | null }>(path, file);
    if (!sent.ok) {
      setSaid({ text: sent.problem.detail, bad: true });
      if (sent.problem.status === 409)
        setWaiting({ file, path: "/api/archive?replace=1", detail: sent.problem.detail });
      return;
    }
    setSaid({
      text: sent.value.old ? words.itIsInPlaceWhat(sent.value.old.split("/").at(-1)) : words.itIsInPlace,
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
      detail: words.takesThePlaceOfThis(file.name),
    });
  };
  return (
    <div className="pt-3">
      <h3 className="text-xl">{words.andInAgain}</h3>
      <div className="pt-2">
        <FileButton label={words.aSnapshotOrArchive} accept=".db,.zip" onFile={take} />
      </div>
      {waiting ? (
        <div
          role="alertdialog"
          aria-label={words.inPlaceOfThisKitchen}
          className="mt-2 border-l-8 border-warning bg-base-100 p-3"
        >
          <p>{waiting.detail}</p>
          <div className="flex gap-2 pt-2">
            <button
              type="button"
              className="btn btn-warning min-h-11"
              onClick={() => void put(waiting.file, waiting.path)}
            >
              {words.putItInPlace}
            </button>
            <button type="button" className="btn min-h-11" onClick={() => setWaiting(null)}>
              {words.leaveIt}
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
