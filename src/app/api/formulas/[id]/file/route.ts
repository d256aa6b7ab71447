import { database } from "@/server/database";
import { formulaAs, KINDS_OF_FILE } from "@/server/exchange/formula-out";
import { answer, download } from "@/server/http";
import { loadFormula } from "@/server/formula-views";
import { loadKitchen } from "@/server/kitchen";
import { Refusal } from "@/server/problem";
import * as words from "@/words/app/api/formulas/id/file/route";

/** A formula as a file: ?as=json, recipe, markdown, sheet or ledger; &version= for an older one. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const { searchParams } = new URL(request.url);
    const kind = KINDS_OF_FILE.find((k) => k === (searchParams.get("as") ?? "json"));
    if (!kind) throw new Refusal(400, words.noSuchFile, words.aFormulaGoesOutAs(KINDS_OF_FILE.join(", ")));
    const version = Number(searchParams.get("version") ?? Number.NaN);
    const formula = loadFormula(
      database(),
      (await params).id,
      Number.isInteger(version) ? version : undefined,
    );
    const file = formulaAs(kind, formula, loadKitchen(database()));
    return download(file.text, file.mime, `${formula.name}${file.ending}`);
  });
