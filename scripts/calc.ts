/** Works out a request of the API from the shell: `npm run -s calc -- REQUEST.json` (or - for standard input). */
import { readFileSync } from "node:fs";
import { COMPUTE, isComputeName } from "@/server/api/compute";
import { Refusal } from "@/server/problem";

function fail(message: string): never {
  console.error(message);
  process.exit(1);
}

function main(): void {
  const file = process.argv[2];
  if (!file)
    fail(
      'Name a file such as {"compute": "brine", "request": {"food": "duck_leg", "massG": 1200}}, or - for standard input.',
    );
  let asked: { compute?: unknown; request?: unknown };
  try {
    asked = JSON.parse(readFileSync(file === "-" ? 0 : file, "utf8")) as typeof asked;
  } catch (error) {
    fail(`${file} does not read as JSON: ${(error as Error).message}`);
  }
  const name = String(asked?.compute);
  if (!isComputeName(name)) fail(`compute: one of ${Object.keys(COMPUTE).join(", ")}.`);
  try {
    console.log(JSON.stringify(COMPUTE[name].run(asked.request, Date.now()), null, 2));
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    console.error(
      JSON.stringify(
        { title: error.title, status: error.status, detail: error.message, ...error.extra },
        null,
        2,
      ),
    );
    process.exitCode = 1;
  }
}

main();
