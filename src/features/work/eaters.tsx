import { X } from "lucide-react";
import { useState } from "react";
import type { Judged } from "@/core/journal/outcome";
import { Scores } from "./scores";
import * as words from "@/words/work/eaters";

type Eaten = NonNullable<Judged["eaters"]>;

interface Props {
  eaters: Eaten;
  onChange: (eaters: Eaten | undefined) => void;
}

/** What single eaters said of the salt; where the cook gave no word of their own, their mean counts. */
export function Eaters({ eaters, onChange }: Props) {
  const [who, setWho] = useState("");
  const name = who.trim();
  const taken = eaters.some((e) => e.who.toLowerCase() === name.toLowerCase());
  const set = (next: Eaten) => onChange(next.length > 0 ? next : undefined);
  return (
    <details className="mt-3">
      <summary className="min-h-11 cursor-pointer text-lg">
        {words.saltEaterByEater(<span className="text-quiet">({eaters.length})</span>)}
      </summary>
      <ul>
        {eaters.map((eater, i) => (
          <li
            key={eater.who}
            className="flex flex-wrap items-center justify-between gap-2 border-b border-line py-1"
          >
            <span className="text-lg">{eater.who}</span>
            <span className="flex items-center gap-1">
              <Scores
                label={words.salt(eater.who)}
                value={eater.salt}
                onChange={(salt) => set(eaters.map((e, n) => (n === i ? { ...e, salt } : e)))}
              />
              <button
                type="button"
                className="btn btn-ghost min-h-11 w-11 px-0"
                aria-label={words.takeOut(eater.who)}
                onClick={() => set(eaters.filter((_, n) => n !== i))}
              >
                <X size={18} aria-hidden />
              </button>
            </span>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex items-end gap-2">
        <label className="flex-1">
          <span className="text-quiet">{words.whoTable2TheBaby}</span>
          <input
            className="input min-h-11 w-full"
            maxLength={40}
            value={who}
            onChange={(event) => setWho(event.target.value)}
          />
        </label>
        <button
          type="button"
          className="btn min-h-11"
          disabled={name === "" || taken}
          onClick={() => {
            set([...eaters, { who: name, salt: 0 }]);
            setWho("");
          }}
        >
          {words.add}
        </button>
      </div>
      {taken && <p className="text-sm text-warning">{words.isThereAlready(name)}</p>}
    </details>
  );
}
