import { isDeepStrictEqual } from "node:util";
import { z } from "zod";
import { formulaFileSchema } from "@/contracts/formula-file";
import { formulationSchema } from "@/contracts/formulation";
import { saveFormulaRequest, saveVersionRequest } from "@/contracts/requests";
import { shoppingAnswer, shoppingOf } from "./shopping";
import { formulaFile } from "@/core/exchange/formula-file";
import { formulaAs, KINDS_OF_FILE } from "../../exchange/formula-out";
import { formulaHeads, loadFormula } from "../../formula-views";
import { createFromFile, saveNew, saveVersion } from "../../formulas";
import { loadKitchen } from "../../kitchen";
import { knownHere } from "../../known-names";
import { Refusal } from "../../problem";
import { sheetAnswer } from "@/contracts/compute";
import { sheetOf } from "../compute";
import { EXAMPLE_DRY_BRINE } from "../examples";
import { decimalQuery, FileAnswer, operation } from "../operation";
import { paged, pageQuery } from "../paged";
import * as words from "@/words/server/api/operations/formulas";

const named = z.object({ id: z.string(), name: z.string(), version: z.number() });
const saved = z.object({ formulaId: z.string(), versionId: z.string(), version: z.number() });
const formulaAnswer = named.extend({
  tags: z.array(z.string()),
  formulation: formulationSchema,
  versions: z.array(z.object({ version: z.number(), note: z.string(), createdAtMs: z.number() })),
});

/** A used id with another body is another formula: not this one's next version. */
function unusedOr(db: Parameters<typeof loadFormula>[0], id: string | undefined, formulation: unknown): void {
  if (id === undefined || !formulaHeads(db, { archived: true }).some((f) => f.id === id)) return;
  if (!isDeepStrictEqual(loadFormula(db, id).formulation, formulation))
    throw new Refusal(409, words.usedAlready, words.idAnotherFormulaHasIt, {
      issues: [{ path: "id", message: words.usedByAnotherFormula }],
    });
}

export const FORMULA_OPERATIONS = [
  operation({
    id: "listFormulas",
    method: "get",
    path: "/formulas",
    summary: "Every formula, by name",
    tag: "formulas",
    query: pageQuery,
    response: z.array(named),
    run: ({ db, query }) => paged(formulaHeads(db), query),
  }),
  operation({
    id: "saveFormula",
    method: "post",
    path: "/formulas",
    summary: "Saves a new formula",
    tag: "formulas",
    body: saveFormulaRequest,
    example: { formulation: EXAMPLE_DRY_BRINE, note: "first try" },
    makes: true,
    response: saved,
    run: ({ db, nowMs, body, keyedId }) => {
      const id = body.id ?? keyedId;
      const formulation = knownHere(db, body.formulation);
      unusedOr(db, id, formulation);
      return saveNew(db, { ...body, id, formulation }, nowMs);
    },
  }),
  operation({
    id: "loadFormula",
    method: "get",
    path: "/formulas/{id}",
    summary: "A formula in its newest version",
    tag: "formulas",
    response: formulaAnswer,
    run: ({ db, path }) => loadFormula(db, path.id),
  }),
  operation({
    id: "saveVersion",
    method: "post",
    path: "/formulas/{id}/versions",
    summary: "Saves the next version; 409 where baseVersion is not the present one",
    tag: "formulas",
    body: saveVersionRequest,
    example: { formulation: EXAMPLE_DRY_BRINE, baseVersion: 1, note: "two hours more" },
    guards: "loadFormula",
    response: saved,
    run: ({ db, path, nowMs, body }) =>
      saveVersion(db, path.id, { ...body, formulation: knownHere(db, body.formulation) }, nowMs),
  }),
  operation({
    id: "takeFormulaIn",
    method: "post",
    path: "/formulas/file",
    summary: "Saves a formula from its own file",
    tag: "formulas",
    body: formulaFileSchema,
    example: formulaFile(EXAMPLE_DRY_BRINE, ["Saturday"]),
    makes: true,
    response: saved,
    run: ({ db, nowMs, body, keyedId }) => {
      const formulation = knownHere(db, body.formulation);
      unusedOr(db, keyedId, formulation);
      return createFromFile(db, { ...body, formulation }, nowMs, keyedId);
    },
  }),
  operation({
    id: "formulaFile",
    method: "get",
    path: "/formulas/{id}/file",
    summary:
      "A formula as a file: its own, Recipe data, Markdown, plain text, the weigh-out or the ledger as CSV",
    tag: "formulas",
    query: decimalQuery.extend({ as: z.enum(KINDS_OF_FILE).default("json") }),
    gives: ["application/json", "application/ld+json", "text/markdown", "text/plain", "text/csv"],
    run: ({ db, path, query }) => {
      const formula = loadFormula(db, path.id);
      const kitchen = loadKitchen(db);
      const usual = { ...kitchen.usual, decimal: query.decimal };
      const file = formulaAs(query.as, formula, { ...kitchen, usual });
      return new FileAnswer(file.text, file.mime, `${formula.name}${file.ending}`);
    },
  }),
  operation({
    id: "formulaSheet",
    method: "get",
    path: "/formulas/{id}/sheet",
    summary:
      "What is weighed out for a formula, how it will be when it is taken out, and what is to be minded",
    tag: "formulas",
    response: sheetAnswer,
    run: ({ db, path }) => {
      const { limits, rates } = loadKitchen(db);
      const { formulation } = loadFormula(db, path.id);
      const known = rates[formulation.foodId];
      return sheetOf(formulation, { kitchen: limits, ...(known && { rateFactor: known.factor }) });
    },
  }),
  operation({
    id: "formulaShopping",
    method: "get",
    path: "/formulas/{id}/shopping",
    summary: "What a formula takes, as it is bought: raw food and everything weighed out, g",
    tag: "formulas",
    response: shoppingAnswer,
    run: ({ db, path }) => {
      const { id, name, formulation } = loadFormula(db, path.id);
      return shoppingOf([{ kind: "batch", id, name, formulation }]);
    },
  }),
];
