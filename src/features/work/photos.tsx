import { useState } from "react";
import type { PhotoView } from "@/contracts/work";
import { send, sendFile } from "@/ui/send";
import * as words from "@/words/work/photos";

interface Props {
  batchId: string;
  photos: readonly PhotoView[];
}

/** Pictures of the plate: kept in this kitchen only, drawn anew so that nothing of the camera's comes along. */
export function Photos({ batchId, photos }: Props) {
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const path = `/api/batches/${batchId}/photos`;
  const add = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    const sent = await sendFile(path, file);
    setProblem(sent.ok ? null : sent.problem.detail);
    setBusy(false);
  };
  const remove = async (id: string) => {
    const sent = await send("DELETE", `${path}/${id}`);
    setProblem(sent.ok ? null : sent.problem.detail);
  };
  return (
    <div className="mt-3">
      <label className="block">
        <span className="text-quiet">{words.aPhotoIfYouLike}</span>
        <input
          type="file"
          accept="image/jpeg,image/png,image/webp"
          className="file-input mt-1 min-h-11 w-full"
          onChange={(event) => {
            void add(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
      </label>
      {busy && <p role="status">{words.takingItIn}</p>}
      {problem && (
        <p role="alert" className="text-sm text-error">
          {problem}
        </p>
      )}
      <ul className="mt-2 flex flex-wrap gap-2">
        {photos.map((photo, i) => (
          <li key={photo.id}>
            {/* oxlint-disable-next-line nextjs/no-img-element -- out of the kitchen's own database, already small */}
            <img
              src={`${path}/${photo.id}`}
              width={photo.width}
              height={photo.height}
              alt={words.asItWasOf(i + 1, photos.length)}
              className="h-28 w-auto"
            />
            <button
              type="button"
              className="btn btn-ghost min-h-11 underline"
              aria-label={words.takePhotoOut(i + 1)}
              onClick={() => remove(photo.id)}
            >
              {words.remove}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
