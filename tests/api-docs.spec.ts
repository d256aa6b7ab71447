import { execFile } from "node:child_process";
import { readFileSync } from "node:fs";
import { promisify } from "node:util";
import { Validator } from "@seriousme/openapi-schema-validator";
import { expect, test } from "./kitchen";

const run = promisify(execFile);
const examples = [
  ...readFileSync("docs/API.md", "utf8").matchAll(/```bash\n([\s\S]*?)\n# gives: (.+)\n```/g),
].map(([, command, gives], i) => ({
  name: `example ${i + 1} of docs/API.md gives ${gives}`,
  command,
  gives,
}));

test("every shell block of docs/API.md says what it gives", () => {
  expect(examples).toHaveLength(readFileSync("docs/API.md", "utf8").match(/```bash/g)?.length ?? 0);
});

for (const { name, command, gives } of examples)
  test(name, async ({ baseURL }) => {
    const { stdout } = await run("bash", ["-euc", command], { env: { ...process.env, KITCHEN: baseURL } });
    expect(stdout).toContain(gives);
  });

test("the OpenAPI document it serves is valid, by another's validator", async ({ request }) => {
  const document = await (await request.get("/api/v1/openapi.json")).json();
  const { valid, errors } = await new Validator().validate(document);
  expect(errors ?? []).toEqual([]);
  expect(valid).toBe(true);
  expect(document.openapi).toBe("3.1.0");
});
