import { FileDown } from "lucide-react";
import * as words from "@/words/stores/library/formula-files";

const FILES = [
  { as: "json", name: words.formula, what: words.forAnotherIronCrockNothing },
  { as: "recipe", name: words.recipeData, what: words.schemaOrgForOtherPrograms },
  { as: "markdown", name: words.markdown, what: words.toBeRead },
  { as: "text", name: words.plainText, what: words.forAMessage },
  { as: "sheet", name: words.sheetCsv, what: words.everyLineAndItsGrams },
  { as: "ledger", name: words.saltLedgerCsv, what: words.whereEachGramComesFrom },
];

/** A formula as a file, in the forms others read. */
export function FormulaFiles({ id, version }: { id: string; version: number }) {
  return (
    <section>
      <h2 className="text-2xl">{words.asAFile}</h2>
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
