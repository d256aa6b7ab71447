"use client";

import { useState } from "react";
import { PASSPHRASE_MIN } from "@/contracts/figures";
import { send, type Sent } from "@/ui/send";
import { textIn } from "@/ui/form-text";

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
      return setSaid({ text: "The two differ; nothing was changed.", bad: true });
    const sent = await send("PUT", "/api/door", {
      passphrase: text("passphrase"),
      ...(has && { current: text("current") }),
    });
    if (tell(sent, "Set. Every other device signs in with it from now on.")) setHas(true);
  };
  const out = async (path: string) => {
    // Loaded anew: nothing this device has read stays on its screen.
    if (tell(await send("DELETE", path), "")) window.location.reload();
  };
  return (
    <div>
      <h3 className="text-xl">Sign-in</h3>
      <p className="py-1 text-sm text-quiet">
        {has
          ? "With the passphrase, from any address this kitchen is started on."
          : "Only this machine. To let the other devices of the kitchen in, set a passphrase and start with HOST=0.0.0.0."}
      </p>
      <form action={keep} className="flex flex-col gap-2">
        {has && <Field name="current" label="The passphrase now" autoComplete="current-password" />}
        <Field name="passphrase" label={has ? "A new one" : "A passphrase"} autoComplete="new-password" />
        <Field name="again" label="Once more" autoComplete="new-password" />
        <button className="btn min-h-11 self-start">{has ? "Change it" : "Set it"}</button>
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
            Sign out
          </button>
          <button
            type="button"
            className="btn min-h-11 font-normal"
            onClick={() => void out("/api/door/sessions")}
          >
            Sign out everywhere
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
