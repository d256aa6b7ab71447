import { z } from "zod";
import { problemSchema } from "@/contracts/requests";
import { OPERATIONS, type Operation } from "./operations";

/** A contract as JSON Schema (2020-12), as OpenAPI 3.1 takes it. */
const schemaOf = (contract: z.ZodType, io: "input" | "output") => {
  const schema = z.toJSONSchema(contract, { io, unrepresentable: "any" });
  delete schema.$schema;
  return schema;
};

const PROBLEMS: Record<string, string> = {
  400: "Not understood: says which field, and what a right value looks like",
  404: "No such thing",
  409: "Changed elsewhere meanwhile",
  422: "Understood, and refused with its reason",
};

/** The OpenAPI 3.1 document of this API, made from the contracts that check every request. */
export function openApi() {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const operation of OPERATIONS) (paths[operation.path] ??= {})[operation.method] = described(operation);
  return {
    openapi: "3.1.0",
    info: {
      title: "Iron Crock",
      version: "1",
      description:
        "Brines, marinades, pastes, rubs and salt crusts by weight, and the hours they need. Masses in g, lengths in mm, temperatures in °C, instants in UTC milliseconds. Errors are problem+json (RFC 9457).",
    },
    servers: [{ url: "/api/v1" }],
    paths,
    components: { schemas: { Problem: schemaOf(problemSchema, "output") } },
  };
}

function described(operation: Operation) {
  const names = [...operation.path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name);
  return {
    operationId: operation.id,
    summary: operation.summary,
    tags: [operation.tag],
    ...(names.length > 0 && {
      parameters: names.map((name) => ({ name, in: "path", required: true, schema: { type: "string" } })),
    }),
    ...(operation.body && {
      requestBody: {
        required: true,
        content: { "application/json": { schema: schemaOf(operation.body, "input") } },
      },
    }),
    responses: {
      [operation.status]: {
        description: operation.summary,
        content: { "application/json": { schema: schemaOf(operation.response, "output") } },
      },
      ...Object.fromEntries(
        Object.entries(PROBLEMS).map(([status, description]) => [
          status,
          {
            description,
            content: { "application/problem+json": { schema: { $ref: "#/components/schemas/Problem" } } },
          },
        ]),
      ),
    },
  };
}
