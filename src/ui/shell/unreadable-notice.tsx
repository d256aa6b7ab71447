import type { Unreadable } from "@/contracts/unreadable";
import { ofKey } from "@/core/own-key";
import * as words from "@/words/ui/shell/unreadable-notice";

interface Props {
  rows: readonly Unreadable[];
}

/** What of this kitchen's file does not read, and is left out until it does. Nothing otherwise. */
export function UnreadableNotice({ rows }: Props) {
  if (rows.length === 0) return null;
  return (
    <div role="status" className="border-b-4 border-error bg-base-100 px-4 py-2 lg:px-6 print:hidden">
      <p>
        {words.everythingElseIsHereAnd(
          <b>{words.someOfThisKitchensFile}</b>,
          // oxlint-disable-next-line nextjs/no-html-link-for-pages -- a full load: what was restored is read anew
          <a href="/stores#safekeeping">{words.safekeeping}</a>,
        )}
      </p>
      <ul className="list-disc pl-6 text-sm">
        {rows.map(({ what, id, name, field }) => (
          <li key={`${what} ${id}`}>{sayRow(what, id, name, field)}</li>
        ))}
      </ul>
    </div>
  );
}

function sayRow(what: Unreadable["what"], id: string, name: string | undefined, field: string): string {
  const where = field && words.itsIsNotWhatIt(field);
  if (what === "settings")
    return words.theKitchensTheUsualStands(ofKey<string>(words.settings, id) ?? id, where);
  const called = name ? `“${name}”` : words.withTheNumber(id);
  return words.theIsLeftOutOf({ what: words.things[what], called, where });
}
