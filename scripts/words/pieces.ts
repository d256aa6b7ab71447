import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import ts from "typescript";

/** Where the words of the first language lie, a file for each that says some. */
export const ENGLISH = "src/words/en";

/** A piece of what is said: where it stands in its file, and its text. */
export interface Piece {
  start: number;
  end: number;
  text: string;
}

export const wordFiles = (folder = ENGLISH): string[] =>
  readdirSync(folder, { recursive: true, encoding: "utf8" }).filter((file) => /\.tsx?$/.test(file));

/** Codes that words are chosen by are not said: `place === "cooler"`. */
const isCode = ({ parent }: ts.Node): boolean =>
  ts.isBinaryExpression(parent) || ts.isImportDeclaration(parent) || ts.isExportDeclaration(parent);

/** All that one file says, piece by piece: texts, what stands between figures, and what stands between elements. */
export function piecesOf(file: string): Piece[] {
  const source = readFileSync(file, "utf8");
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true);
  const pieces: Piece[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isTypeNode(node) || (ts.isStringLiteral(node) && isCode(node))) return;
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node))
      pieces.push({ start: node.getStart() + 1, end: node.end - 1, text: node.text });
    else if (ts.isTemplateHead(node) || ts.isTemplateMiddle(node))
      pieces.push({ start: node.getStart() + 1, end: node.end - 2, text: node.text });
    else if (ts.isTemplateTail(node))
      pieces.push({ start: node.getStart() + 1, end: node.end - 1, text: node.text });
    else if (ts.isJsxText(node))
      pieces.push({ start: node.pos, end: node.end, text: node.text.replace(/\s+/g, " ") });
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return pieces;
}

/** All that is said in the first language. */
export const allPieces = (): string[] =>
  wordFiles().flatMap((file) => piecesOf(path.join(ENGLISH, file)).map(({ text }) => text));
