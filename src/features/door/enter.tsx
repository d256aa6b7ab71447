"use client";

import { useEffect, useState } from "react";
import { send } from "@/ui/send";
import * as words from "@/words/door/enter";

/** Only a path of this kitchen's: never an address elsewhere. */
const inside = (next: string): string => (/^\/(?![/\\])/.test(next) ? next : "/");

/** The door: one passphrase for the whole kitchen. */
export function Enter({ next }: { next: string }) {
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    // Who stands at the door sees nothing that was kept for working offline.
    void window.caches?.keys().then((names) => Promise.all(names.map((name) => window.caches.delete(name))));
  }, []);
  const submit = async (form: FormData) => {
    setProblem(null);
    const sent = await send("POST", "/api/door/session", { passphrase: form.get("passphrase") });
    if (!sent.ok) return setProblem(sent.problem.detail);
    // A whole new page: nothing read before signing in is kept.
    window.location.assign(inside(next));
  };
  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col justify-center gap-6 p-6">
      <h1 className="text-4xl">{words.ironCrock}</h1>
      <form action={submit} className="flex flex-col gap-3">
        <label className="flex flex-col gap-1">
          <span className="text-lg">{words.thisKitchensPassphrase}</span>
          <input
            className="entry min-h-14 w-full !text-left text-xl"
            type="password"
            name="passphrase"
            autoComplete="current-password"
            required
            // oxlint-disable-next-line jsx-a11y/no-autofocus -- there is nothing else on this page to read or do
            autoFocus
          />
        </label>
        {problem && (
          <p role="alert" className="text-error">
            {problem}
          </p>
        )}
        <button className="btn btn-primary min-h-14 text-lg">{words.comeIn}</button>
      </form>
    </main>
  );
}
