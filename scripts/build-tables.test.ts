import { readFileSync } from "node:fs";
import path from "node:path";
import { buildTables } from "./build-tables";

test.each(buildTables().map((table) => [path.relative("src", table.file), table] as const))(
  "%s is what its CSV says: run `npm run tables` after an edit",
  (_, { file, text }) => {
    expect(readFileSync(file, "utf8")).toBe(text);
  },
);
