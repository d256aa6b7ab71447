import { z } from "zod";
import { formulaFileSchema } from "@/contracts/formula-file";
import { problemSchema } from "@/contracts/requests";
import { sittingBody } from "@/contracts/sitting";
import { notFound } from "../problem";

/** The files this kitchen gives out and takes in, by the name of their schema. */
const SCHEMAS: ReadonlyMap<string, { title: string; schema: z.ZodType }> = new Map([
  ["formula.json", { title: "A formula’s own file", schema: formulaFileSchema }],
  ["sitting.json", { title: "A sitting’s own file", schema: sittingBody }],
  ["problem.json", { title: "What is said when something is refused", schema: problemSchema }],
]);

/** JSON Schema (2020-12) of a file. @throws Refusal 404 */
export function schemaFile(name: string): object {
  const found = SCHEMAS.get(name);
  if (!found) throw notFound("schema");
  const { $schema, ...schema } = z.toJSONSchema(found.schema, { io: "input", unrepresentable: "any" });
  return { $schema, $id: `/api/v1/schemas/${name}`, title: found.title, ...schema };
}
