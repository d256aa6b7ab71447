"use client";

import { useState } from "react";
import { PASSPHRASE_MIN } from "@/contracts/figures";
import { send, type Sent } from "@/ui/send";
import { textIn } from "@/ui/form-text";
import * as words from "@/words/stores/safekeeping/passphrase";

/** Sign-in: one passphrase for the kitchen, and every device out at once. */
export function Passphrase({ set }: { set: boolean }) {
  const [has, setHas] = useState(set);
  const [said, setSaid] = useState<{ text: string; bad: boolean } | null>(null);

  const tell = (sent: Sent<unknown>, good: string): boolean => {
    const bad = sent.ok ? undefined : [sent.problem.detail, ...sent.problem.issues.map((i) => i.message)];
    setSaid(bad ? { text: [...new Set(bad)].join(" "), bad: true } : { text: good, bad: false });
    return sent.ok;
  };
  const keep = async (form: FormData) => {
    const text = (name: string) => textIn(form, name);
    if (text("passphrase") !== text("again"))
      return setSaid({ text: words.theTwoDifferNothingWas, bad: true });
    const sent = await send("PUT", "/api/door", {
      passphrase: text("passphrase"),
      ...(has && { current: text("current") }),
    });
    if (tell(sent, words.setEveryOtherDevice)) setHas(true);
  };
  const out = async (path: string) => {
    // Loaded anew: nothing this device has read stays on its screen.
    if (tell(await send("DELETE", path), "")) window.location.reload();
  };
  return (
    <div>
      <h3 className="text-xl">{words.signIn}</h3>
      <p className="py-1 text-sm text-quiet">{words.withThePassphraseFromAny(has)}</p>
      <form action={keep} className="flex flex-col gap-2">
        {has && <Field name="current" label={words.thePassphraseNow} autoComplete="current-password" />}
        <Field name="passphrase" label={words.aNewOne(has)} autoComplete="new-password" />
        <Field name="again" label={words.onceMore} autoComplete="new-password" />
        <button className="btn min-h-11 self-start">{words.changeIt(has)}</button>
      </form>
      {said?.text && (
        <p role={said.bad ? "alert" : "status"} className={`pt-2 ${said.bad ? "text-error" : ""}`}>
          {said.text}
        </p>
      )}
      {has && (
        <div className="flex flex-wrap gap-2 pt-3">
          <button
            type="button"
            className="btn min-h-11 font-normal"
            onClick={() => void out("/api/door/session")}
          >
            {words.signOut}
          </button>
          <button
            type="button"
            className="btn min-h-11 font-normal"
            onClick={() => void out("/api/door/sessions")}
          >
            {words.signOutEverywhere}
          </button>
        </div>
      )}
    </div>
  );
}

function Field({ name, label, autoComplete }: { name: string; label: string; autoComplete: string }) {
  return (
    <label className="flex flex-col">
      <span>{label}</span>
      <input
        type="password"
        name={name}
        required
        minLength={name === "current" ? 1 : PASSPHRASE_MIN}
        autoComplete={autoComplete}
        className="entry !border-line !text-left"
      />
    </label>
  );
}
