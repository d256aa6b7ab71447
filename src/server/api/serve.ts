import { z } from "zod";
import { formulaFileSchema } from "@/contracts/formula-file";
import { sittingBody } from "@/contracts/sitting";
import { database } from "../database";
import { answer, readBody } from "../http";
import { Refusal } from "../problem";
import { openApi } from "./open-api";
import { OPERATIONS, type Operation } from "./operations";

/** JSON Schema (2020-12) of the files this kitchen gives out. */
const SCHEMAS = new Map<string, z.ZodType>([
  ["formula.json", formulaFileSchema],
  ["sitting.json", sittingBody],
]);

/** Answers a request under /api/v1 by the operation its path and method name. */
export function serveApi(request: Request, parts: string[]): Promise<Response> {
  return answer(async () => {
    if (parts.length === 0 || (parts.length === 1 && parts[0] === "openapi.json"))
      return Response.json(openApi());
    const schema = parts.length === 2 && parts[0] === "schemas" ? SCHEMAS.get(parts[1]) : undefined;
    if (schema) return Response.json(z.toJSONSchema(schema, { io: "input", unrepresentable: "any" }));
    const method = request.method.toLowerCase();
    const here = OPERATIONS.flatMap((operation) => {
      const path = matched(operation.path, parts);
      return path ? [{ operation, path }] : [];
    });
    // A name in the path goes before a part that may be any.
    const found = here
      .filter(({ operation }) => operation.method === method)
      .sort((a, b) => Object.keys(a.path).length - Object.keys(b.path).length)[0];
    if (!found) {
      if (here.length === 0)
        throw new Refusal(404, "Not found", "There is no such path; /api/v1/openapi.json lists them all.");
      throw new Refusal(
        405,
        "Not that way",
        `This path takes ${here.map((h) => h.operation.method.toUpperCase()).join(", ")}.`,
      );
    }
    return reply(found.operation, request, found.path);
  });
}

async function reply(
  operation: Operation,
  request: Request,
  path: Record<string, string>,
): Promise<Response> {
  const body = operation.body ? await readBody(request, operation.body as z.ZodType<unknown>) : undefined;
  const result = operation.run({ db: database(), nowMs: Date.now(), path, body });
  // What is given is what the document says: nothing more slips out.
  return Response.json(operation.response.parse(result), { status: operation.status });
}

/** Parts of a path by the names a template gives them; undefined where it is another path. */
function matched(template: string, parts: string[]): Record<string, string> | undefined {
  const wanted = template.split("/").slice(1);
  if (wanted.length !== parts.length) return undefined;
  const path: Record<string, string> = {};
  for (const [i, part] of wanted.entries()) {
    const name = /^\{(\w+)\}$/.exec(part)?.[1];
    if (name) path[name] = parts[i];
    else if (part !== parts[i]) return undefined;
  }
  return path;
}
