import type { Unreadable } from "@/contracts/unreadable";

interface Props {
  rows: readonly Unreadable[];
}

/** What of this kitchen's file does not read, and is left out until it does. Nothing otherwise. */
export function UnreadableNotice({ rows }: Props) {
  if (rows.length === 0) return null;
  return (
    <div role="status" className="border-b-4 border-error bg-base-100 px-4 py-2 lg:px-6 print:hidden">
      <p>
        <b>Some of this kitchen’s file does not read.</b> Everything else is here and works. A snapshot from
        before may have it whole: <a href="/stores#safekeeping">Safekeeping</a>.
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
  const where = field && ` Its “${field}” is not what it should be.`;
  if (what === "settings") return `The kitchen’s ${name}: the usual stands in place of it.${where}`;
  const called = name ? `“${name}”` : `with the number ${id}`;
  return `The ${what} ${called} is left out of the lists.${where}`;
}
