import { readFileSync } from "node:fs";
import { buildTables } from "./build-tables";

test.each(buildTables().map((table) => [table.file.split("/").pop(), table] as const))(
  "%s is what its CSV says: run `npm run tables` after an edit",
  (_, { file, text }) => {
    expect(readFileSync(file, "utf8")).toBe(text);
  },
);
