import { FileDown } from "lucide-react";

const FILES = [
  { as: "json", name: "Formula", what: "for another Iron Crock; nothing is lost" },
  { as: "recipe", name: "Recipe data", what: "schema.org, for other programs" },
  { as: "markdown", name: "Markdown", what: "to be read" },
  { as: "text", name: "Plain text", what: "for a message" },
  { as: "sheet", name: "Sheet, CSV", what: "every line and its grams" },
  { as: "ledger", name: "Salt ledger, CSV", what: "where each gram comes from and ends" },
];

/** A formula as a file, in the forms others read. */
export function FormulaFiles({ id, version }: { id: string; version: number }) {
  return (
    <section>
      <h2 className="text-2xl">As a file</h2>
      <ul>
        {FILES.map((file) => (
          <li key={file.as}>
            <a
              className="flex min-h-12 items-center gap-3 border-b border-line py-1"
              href={`/api/formulas/${id}/file?as=${file.as}&version=${version}`}
              download
            >
              <FileDown size={20} aria-hidden className="shrink-0" />
              <span>
                <span className="font-semibold underline">{file.name}</span>
                <span className="block text-sm text-quiet">{file.what}</span>
              </span>
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}
