import { z } from "zod";
import { problemSchema } from "@/contracts/requests";
import { scopeOf, type Operation } from "./operation";
import { OPERATIONS } from "./operations";

/** A contract as JSON Schema (2020-12), as OpenAPI 3.1 takes it; what it shares with others stands in `components`. */
function schemaOf(contract: z.ZodType, io: "input" | "output", shared: Record<string, unknown>): object {
  const { $defs, ...schema } = plainSchema(contract, io);
  const named = (name: string) => (io === "output" ? `${name}Answer` : name);
  const pointed = <T>(value: T): T =>
    JSON.parse(
      JSON.stringify(value).replaceAll(
        /"#\/\$defs\/(\w+)"/g,
        (_all, name: string) => `"#/components/schemas/${named(name)}"`,
      ),
    ) as T;
  for (const [name, definition] of Object.entries($defs ?? {}))
    shared[named(name)] = { title: name, ...pointed({ ...definition, id: undefined }) };
  return pointed(schema);
}

function plainSchema(contract: z.ZodType, io: "input" | "output") {
  const schema = z.toJSONSchema(contract, { io, unrepresentable: "any" });
  delete schema.$schema;
  return schema;
}

/** What may be said instead of an answer; a 4xx says what to do about it. */
const PROBLEMS: Record<number, string> = {
  400: "Not understood: says which field, and what a right value looks like",
  401: "Sign in, or send a token",
  403: "Not from here, or not with this token",
  404: "No such thing",
  405: "Not that way: Allow says which",
  409: "Changed elsewhere meanwhile, used for another, or in use",
  412: "If-Match: changed meanwhile",
  413: "Too large",
  415: "Another kind of body is wanted",
  422: "Understood, and refused with its reason",
  429: "Too many tries: wait a while",
  500: "A fault of the kitchen's server, with its number in the log",
  503: "The kitchen cannot do it just now",
  507: "The disk is full",
};

function problemsOf({ method, path, body, takes, guards }: Operation): number[] {
  const sends = body !== undefined || takes !== undefined;
  return [
    ...[400, 401, 403],
    ...(path.includes("{") ? [404] : []),
    405,
    ...(method === "get" ? [] : [409]),
    ...(guards ? [412] : []),
    ...(sends ? [413, 415] : []),
    ...[422, 429, 500, 503],
    ...(method === "get" ? [] : [507]),
  ];
}

let written: ReturnType<typeof document> | undefined;

/** The OpenAPI 3.1 document of this API, made from the contracts that check every request. */
export const openApi = (): ReturnType<typeof document> => (written ??= document());

function document() {
  const paths: Record<string, Record<string, unknown>> = {};
  const schemas: Record<string, unknown> = {};
  for (const operation of OPERATIONS)
    (paths[operation.path] ??= {})[operation.method] = described(operation, schemas);
  return {
    openapi: "3.1.0",
    info: {
      title: "Iron Crock",
      version: "1",
      license: { name: "MIT", identifier: "MIT" },
      description:
        "Brines, marinades, pastes, rubs and salt crusts by weight, and the hours they need. Masses in g, lengths in mm, temperatures in °C, instants in UTC milliseconds. Errors are problem+json (RFC 9457). Lists come in pages: a Link header with rel=next says where to go on.",
    },
    servers: [{ url: "/api/v1" }],
    security: [{ token: [] }, { session: [] }],
    paths,
    components: {
      securitySchemes: {
        token: {
          type: "http",
          scheme: "bearer",
          description: "A token of this kitchen, made in its Stores: read, readings or all.",
        },
        session: {
          type: "apiKey",
          in: "cookie",
          name: "iron_crock_session",
          description: "The session of a device that gave the kitchen's passphrase.",
        },
      },
      schemas: { ...schemas, Problem: { title: "Problem", ...schemaOf(problemSchema, "output", schemas) } },
      responses: Object.fromEntries(
        Object.entries(PROBLEMS).map(([status, description]) => [
          `Problem${status}`,
          {
            description,
            ...(status === "405" && {
              headers: { Allow: { schema: { type: "string" }, description: "what the path takes" } },
            }),
            content: { "application/problem+json": { schema: { $ref: "#/components/schemas/Problem" } } },
          },
        ]),
      ),
    },
  };
}

function described(operation: Operation, shared: Record<string, unknown>) {
  const parameters = parametersOf(operation);
  const request = requestOf(operation, shared);
  return {
    operationId: operation.id,
    summary: operation.summary,
    tags: [operation.tag],
    "x-token-scope": scopeOf(operation),
    ...(parameters.length > 0 && { parameters }),
    ...(request && { requestBody: { required: true, content: request } }),
    responses: {
      [operation.status]: { description: operation.summary, ...answerOf(operation, shared) },
      ...(operation.method === "get" &&
        operation.response && { 304: { description: "As it was: If-None-Match holds" } }),
      ...Object.fromEntries(
        problemsOf(operation).map((status) => [status, { $ref: `#/components/responses/Problem${status}` }]),
      ),
    },
  };
}

function parametersOf({ path, query, makes, guards }: Operation): object[] {
  const inPath = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: "path",
    required: true,
    schema: { type: "string" },
  }));
  const inQuery = Object.entries(query?.shape ?? {}).map(([name, contract]) => {
    const schema = plainSchema(contract as z.ZodType, "input");
    return {
      name,
      in: "query",
      required: false,
      schema,
      ...(schema.description && { description: schema.description }),
    };
  });
  const header = (name: string, description: string) => ({
    name,
    in: "header",
    required: false,
    description,
    schema: { type: "string" },
  });
  return [
    ...inPath,
    ...inQuery,
    ...(makes ? [header("Idempotency-Key", "sent again with the same key, it is made once")] : []),
    ...(guards ? [header("If-Match", "the ETag of what is changed, as it was read")] : []),
  ];
}

function requestOf({ body, example, takes }: Operation, shared: Record<string, unknown>) {
  if (body)
    return {
      "application/json": {
        schema: schemaOf(body, "input", shared),
        ...(example !== undefined && { example }),
      },
    };
  return takes && { [takes.media]: { schema: { type: "string" } } };
}

function answerOf({ response, gives, status }: Operation, shared: Record<string, unknown>) {
  if (status === 204) return {};
  if (response) return { content: { "application/json": { schema: schemaOf(response, "output", shared) } } };
  return { content: Object.fromEntries((gives ?? []).map((media) => [media, {}])) };
}
