import { FileUp } from "lucide-react";

interface Props {
  label: string;
  accept: string;
  onFile: (file: File) => void;
}

/** Chooses one file; the same one can be chosen again. */
export function FileButton({ label, accept, onFile }: Props) {
  return (
    <label className="btn min-h-11 cursor-pointer font-normal has-focus-visible:outline-3">
      <FileUp size={18} aria-hidden /> {label}
      <input
        type="file"
        className="sr-only"
        accept={accept}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) onFile(file);
          event.target.value = "";
        }}
      />
    </label>
  );
}
