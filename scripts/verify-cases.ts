/** Runs a file of check cases through the core: `npm run -s verify-cases -- FILE`. */
import { readFileSync } from "node:fs";
import { compare, type CheckCase, type Comparison } from "@/core/check-cases/case";
import { answer } from "@/core/check-cases/checkers";

const file = process.argv[2];
if (!file) {
  console.error("Name the file of cases: npm run -s verify-cases -- src/core/check-cases/given.json");
  process.exit(2);
}

const show = (value: unknown) =>
  typeof value === "number" ? String(Number(value.toPrecision(7))) : String(value);

function report(id: string, figures: Comparison[]): boolean {
  const pass = figures.every((figure) => figure.pass);
  console.log(`${pass ? "pass" : "FAIL"}  ${id}`);
  for (const f of figures)
    console.log(
      `      ${f.pass ? "ok  " : "FAIL"} ${f.key}: expected ${show(f.expected)}, got ${show(f.got)}`,
    );
  return pass;
}

const count = { passed: 0, failed: 0, unsupported: 0 };
for (const checkCase of JSON.parse(readFileSync(file, "utf8")) as CheckCase[]) {
  try {
    const got = answer(checkCase);
    if (!got) {
      count.unsupported++;
      console.log(`n/a   ${checkCase.id}: this kind is not supported yet`);
    } else if (report(checkCase.id, compare(checkCase.expected, got, checkCase.tolerance))) count.passed++;
    else count.failed++;
  } catch (problem) {
    count.failed++;
    console.log(`FAIL  ${checkCase.id}: ${(problem as Error).message}`);
  }
}
console.log(`${count.passed} passed, ${count.failed} failed, ${count.unsupported} unsupported`);
process.exitCode = count.failed > 0 ? 1 : 0;
