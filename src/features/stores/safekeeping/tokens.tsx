"use client";

import { useState } from "react";
import type { TokenScope, TokenView } from "@/contracts/door";
import { send } from "@/ui/send";
import { ToldOnce } from "@/ui/told-once";
import { OnDate } from "@/ui/measures";
import { textIn } from "@/ui/form-text";
import * as words from "@/words/stores/safekeeping/tokens";

const REACH: Record<TokenView["scope"], string> = words.reach;
const SCOPES: TokenScope[] = ["readings", "read", "all"];

/** Tokens of scripts, bridges and calendars: made, told once, taken back. */
export function Tokens({ tokens, timeZone }: { tokens: TokenView[]; timeZone: string }) {
  const [there, setThere] = useState(tokens);
  const [made, setMade] = useState<{ name: string; secret: string } | null>(null);
  const [problem, setProblem] = useState("");

  const refresh = async () => {
    const now = await send<TokenView[]>("GET", "/api/tokens");
    if (now.ok) setThere(now.value);
  };
  const make = async (form: FormData) => {
    const name = textIn(form, "name");
    const sent = await send<{ secret: string }>("POST", "/api/tokens", { name, scope: form.get("scope") });
    setProblem(sent.ok ? "" : sent.problem.detail);
    if (!sent.ok) return;
    setMade({ name, secret: sent.value.secret });
    await refresh();
  };
  const revoke = async (id: string) => {
    const sent = await send("DELETE", `/api/tokens/${id}`);
    setProblem(sent.ok ? "" : sent.problem.detail);
    setMade(null);
    await refresh();
  };
  return (
    <div id="tokens">
      <h3 className="text-xl">{words.tokens}</h3>
      <p className="py-1 text-sm text-quiet">{words.forAProbesBridgeA}</p>
      <ul>
        {there.map((token) => (
          <li
            key={token.id}
            className="flex items-center justify-between gap-3 border-b border-line py-1"
            data-token={token.name}
          >
            <span>
              {token.name}
              <span className="block text-sm text-quiet">
                {words.since(REACH[token.scope])} <OnDate atMs={token.createdAtMs} timeZone={timeZone} />
              </span>
            </span>
            <button
              type="button"
              className="btn min-h-11 font-normal"
              aria-label={words.takeBack(token.name)}
              onClick={() => void revoke(token.id)}
            >
              {words.takeItBack}
            </button>
          </li>
        ))}
      </ul>
      <form action={make} className="flex flex-wrap items-end gap-3 pt-2">
        <label className="flex flex-1 basis-40 flex-col">
          <span>{words.forWhat}</span>
          <input name="name" required maxLength={60} className="entry !border-line !text-left" />
        </label>
        <div className="flex flex-col">
          <label htmlFor="token-scope">{words.it}</label>
          <select id="token-scope" name="scope" className="select min-h-11">
            {SCOPES.map((scope) => (
              <option key={scope} value={scope}>
                {REACH[scope]}
              </option>
            ))}
          </select>
        </div>
        <button className="btn min-h-11">{words.makeAToken}</button>
      </form>
      {problem && (
        <p role="alert" className="pt-2 text-error">
          {problem}
        </p>
      )}
      {made && <ToldOnce label={words.tokenForToldOnce(made.name)} text={made.secret} />}
    </div>
  );
}
