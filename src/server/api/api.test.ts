import Ajv from "ajv/dist/2020";
import { z } from "zod";
import { formulaFileSchema } from "@/contracts/formula-file";
import { formulaFile } from "@/core/exchange/formula-file";
import { chops } from "@/core/formula/formulation.fixture";
import { INGREDIENTS } from "@/core/materials/lookup";
import { freshFile } from "../safekeeping/kitchens.fixture";
import { COMPUTE } from "./compute";
import { openApi } from "./open-api";
import { OPERATIONS } from "./operations";
import { serveApi } from "./serve";

beforeAll(() => {
  process.env.DATABASE_PATH = freshFile();
  delete (globalThis as { ironCrockDb?: unknown }).ironCrockDb;
});

const ask = async (method: string, path: string, body?: unknown) => {
  const request = new Request(`http://127.0.0.1:3000/api/v1${path}`, {
    method,
    ...(body !== undefined && {
      body: JSON.stringify(body),
      headers: { "content-type": "application/json" },
    }),
  });
  const response = await serveApi(request, path.split("/").filter(Boolean));
  return { status: response.status, body: await response.json(), type: response.headers.get("content-type") };
};

test("the OpenAPI document has every operation, once", () => {
  const document = openApi();
  const ids = Object.values(document.paths).flatMap((path) =>
    Object.values(path).map((o) => (o as { operationId: string }).operationId),
  );
  expect(ids.sort()).toEqual(OPERATIONS.map((o) => o.id).sort());
  expect(new Set(ids).size).toBe(ids.length);
});

test("a formula's own file is valid by its published JSON Schema, by another's validator", () => {
  const ajv = new Ajv({ strict: false });
  const schema = z.toJSONSchema(formulaFileSchema, { io: "input", unrepresentable: "any" });
  const check = ajv.compile(schema);
  expect(check(JSON.parse(JSON.stringify(formulaFile(chops(), ["Saturday"]))))).toBe(true);
  expect(check({ ...formulaFile(chops()), version: 7 })).toBe(false);
  expect(check({ ...formulaFile(chops()), formulation: { ...chops(), pullH: -2 } })).toBe(false);
});

/** Only what a schema asks for of a value. */
function bare(value: unknown, schema: JsonSchema): unknown {
  const ways = schema.anyOf ?? schema.oneOf;
  if (ways) {
    const ajv = new Ajv({ strict: false });
    const way = ways.find((s) => ajv.validate({ ...s, $defs: schema.$defs }, value));
    return way ? bare(value, way) : value;
  }
  if (Array.isArray(value)) return value.map((v) => bare(v, schema.items ?? {}));
  if (typeof value !== "object" || value === null || !schema.properties) return value;
  return Object.fromEntries(
    Object.entries(value).flatMap(([key, v]) =>
      schema.required?.includes(key) ? [[key, bare(v, schema.properties?.[key] ?? {})]] : [],
    ),
  );
}
interface JsonSchema {
  $defs?: Record<string, JsonSchema>;
  anyOf?: JsonSchema[];
  oneOf?: JsonSchema[];
  items?: JsonSchema;
  properties?: Record<string, JsonSchema>;
  required?: string[];
}

test("a file with only what the schema asks for comes in, and is worked out", async () => {
  const { body: schema } = await ask("GET", "/schemas/formula.json");
  expect(schema).toMatchObject({ $id: "/api/v1/schemas/formula.json", title: expect.any(String) });
  const whole = JSON.parse(JSON.stringify(formulaFile(chops())));
  const { $defs = {} } = schema as JsonSchema;
  const formulation = bare(
    whole.formulation,
    $defs.Formulation ?? (schema as JsonSchema).properties?.formulation ?? {},
  );
  const file = { format: whole.format, version: whole.version, formulation };
  expect(Object.keys(formulation as object).length).toBeLessThan(Object.keys(whole.formulation).length + 1);
  const made = await ask("POST", "/formulas/file", file);
  expect(made.status).toBe(201);
  expect((await ask("GET", `/formulas/${made.body.formulaId}/sheet`)).status).toBe(200);
});

describe("working out", () => {
  test("a dry brine: 1.4 % of the flesh of the legs, from what is in them", async () => {
    const { status, body } = await ask("POST", "/compute/brine", {
      food: "duck_leg",
      massG: 1200,
      count: 4,
      as: "dry",
      targetPercent: 1.4,
    });
    expect(status).toBe(200);
    expect(body.sheet.endFraction).toBeCloseTo(0.014, 6);
  });

  test("an injected brine: a tenth of the weight, as strong as the flesh with what stays of it wants", async () => {
    const { status, body } = await ask("POST", "/compute/brine", {
      food: "pork_loin_bonein",
      massG: 3000,
      count: 1,
      as: "injection",
      pickupPercent: 12,
      targetPercent: 1.4,
    });
    expect(status).toBe(200);
    expect(body.formulation.preparation).toMatchObject({ kind: "injection", pickupFraction: 0.12 });
    expect(body.sheet.endFraction).toBeCloseTo(0.014, 6);
    const made = body.sheet.lines.reduce((sum: number, l: { massG: number }) => sum + l.massG, 0);
    expect(made).toBeCloseTo(360, 6);
    const refused = await ask("POST", "/compute/brine", {
      food: "pork_loin_bonein",
      massG: 3000,
      as: "injection",
      pickupPercent: 60,
    });
    expect(refused.status).toBe(400);
  });

  test("a whole formulation is taken as it is", async () => {
    const { body } = await ask("POST", "/compute/brine", { formulation: chops() });
    expect(body.formulation).toEqual(JSON.parse(JSON.stringify(chops())));
  });

  test("salt goes in with the hours, and does not come out again", async () => {
    const { body } = await ask("POST", "/compute/soak", {
      of: { food: "mackerel_fillet", massG: 800, count: 8, as: "timed", strengthPercent: 6 },
      atHours: [0.25, 0.5, 1, 2],
    });
    const means = body.at.map((a: { meanFraction: number }) => a.meanFraction);
    expect([...means].sort((a, b) => a - b)).toEqual(means);
  });

  test("ice and hot water make up the water of the brine", async () => {
    const { body } = await ask("POST", "/compute/chill", { waterG: 3000, saltG: 180 });
    expect(body.hotWaterG + body.iceG).toBeCloseTo(3000, 6);
    expect(body).toMatchObject({ coldEnough: true, iceLeftG: 0 });
  });

  test("every computation has a contract for what it takes and gives", () => {
    for (const { request, response } of Object.values(COMPUTE)) {
      expect(z.toJSONSchema(request, { io: "input", unrepresentable: "any" })).toBeTruthy();
      expect(z.toJSONSchema(response, { io: "output", unrepresentable: "any" })).toBeTruthy();
    }
  });
});

describe("refused with a reason", () => {
  test.each([
    ["a missing field", "POST", "/compute/brine", { food: "duck_leg" }, 400, "massG"],
    [
      "an unknown field",
      "POST",
      "/compute/rub",
      { food: "duck_leg", massG: 1200, colour: "red" },
      400,
      "colour",
    ],
    ["an unknown food", "POST", "/compute/rub", { food: "unicorn", massG: 1200 }, 422, "unicorn"],
    ["more ice than water", "POST", "/compute/chill", { waterG: 500, saltG: 20, iceG: 600 }, 422, "iceG"],
    ["an unknown path", "GET", "/pickles", undefined, 404, "openapi.json"],
    ["another method", "DELETE", "/formulas", undefined, 405, "GET"],
    ["a formula that is not there", "GET", "/formulas/nope", undefined, 404, "formula"],
    ["a file of another kind", "POST", "/formulas/file", { format: "other" }, 400, "format"],
  ])("%s", async (_, method, path, body, status, says) => {
    const answer = await ask(method, path, body);
    expect(answer.status).toBe(status);
    expect(answer.type).toContain("problem+json");
    expect(JSON.stringify(answer.body)).toContain(says);
  });
});

test("a formula kept, versioned, refused from an old base, and read back", async () => {
  const made = await ask("POST", "/formulas/file", formulaFile(chops()));
  expect(made).toMatchObject({ status: 201, body: { version: 1 } });
  const id = made.body.formulaId;
  const next = { formulation: chops({ pullH: 30 }), baseVersion: 1 };
  expect(await ask("POST", `/formulas/${id}/versions`, next)).toMatchObject({
    status: 201,
    body: { version: 2 },
  });
  // Sent again, because its answer was lost: kept once.
  expect(await ask("POST", `/formulas/${id}/versions`, next)).toMatchObject({ body: { version: 2 } });
  const other = { ...next, formulation: chops({ pullH: 12 }) };
  expect(await ask("POST", `/formulas/${id}/versions`, other)).toMatchObject({
    status: 409,
    body: { currentVersion: 2 },
  });
  expect((await ask("GET", `/formulas/${id}`)).body).toMatchObject({
    version: 2,
    formulation: { pullH: 30 },
  });
  expect((await ask("GET", "/formulas")).body).toContainEqual({ id, name: "Chops", version: 2 });
});

test("a batch started, read and listed", async () => {
  const begun = await ask("POST", "/batches", {
    formulaId: null,
    formulation: chops(),
    startAtMs: Date.now() - 3_600_000,
    acknowledgements: [],
  });
  const { id } = begun.body;
  const sample = { channel: "fridge", atMs: Date.now(), value: 3.5 };
  expect((await ask("POST", `/batches/${id}/samples`, sample)).status).toBe(201);
  const reading = { atMs: Date.now() - 60_000, reading: { kind: "bathStrength", saltFraction: 0.012 } };
  expect((await ask("POST", `/batches/${id}/readings`, reading)).status).toBe(201);
  expect((await ask("GET", `/batches/${id}/readings`)).body).toMatchObject({
    readings: [reading],
    samples: [sample],
  });
  expect((await ask("GET", "/batches")).body[0]).toMatchObject({ id, liftedAtMs: null });
});

describe("as a program builds on it", () => {
  const raw = async (method: string, path: string, headers: Record<string, string> = {}, body?: unknown) => {
    const request = new Request(`http://127.0.0.1:3000/api/v1${path}`, {
      method,
      headers: { ...(body !== undefined && { "content-type": "application/json" }), ...headers },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    });
    return serveApi(request, path.split("?")[0].split("/").filter(Boolean));
  };
  const save = (name: string) => ({ formulation: { ...chops(), name }, note: "" });

  test("lists come in pages, each thing once, to the end", async () => {
    const ids: string[] = [];
    let at: string | undefined = "/ingredients?limit=70&find=a";
    let pages = 0;
    while (at) {
      const response: Response = await raw("GET", at);
      const page = (await response.json()) as { id: string }[];
      expect(page.length).toBeLessThanOrEqual(70);
      ids.push(...page.map((i) => i.id));
      at = /<\/api\/v1([^>]+)>; rel="next"/.exec(response.headers.get("link") ?? "")?.[1];
      pages++;
    }
    expect(pages).toBeGreaterThan(2);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toEqual(
      INGREDIENTS.filter((i) => i.name.toLowerCase().includes("a") || i.id.includes("a")).map((i) => i.id),
    );
  });

  test("read again it is 304 while nothing changed; changed meanwhile, If-Match holds it back", async () => {
    const { body } = await ask("POST", "/formulas", save("Tagged"));
    const at = `/formulas/${body.formulaId}`;
    const first = await raw("GET", at);
    const tag = first.headers.get("etag") ?? "";
    expect((await raw("GET", at, { "if-none-match": tag })).status).toBe(304);
    const next = { ...save("Tagged twice"), baseVersion: 1 };
    expect((await raw("POST", `${at}/versions`, { "if-match": '"other"' }, next)).status).toBe(412);
    expect((await raw("POST", `${at}/versions`, { "if-match": tag }, next)).status).toBe(201);
    expect((await raw("GET", at, { "if-none-match": tag })).status).toBe(200);
    const again = { ...save("Tagged thrice"), baseVersion: 2 };
    expect((await raw("POST", `${at}/versions`, { "if-match": tag }, again)).status).toBe(412);
    // A version that is not there yet is no base.
    expect((await raw("POST", `${at}/versions`, {}, { ...again, baseVersion: 7 })).status).toBe(409);
  });

  test("sent twice with one key it is made once; the key for another body is 409", async () => {
    const made = async (name: string, key: string) => {
      const response = await raw("POST", "/formulas", { "idempotency-key": key }, save(name));
      return { status: response.status, ...((await response.json()) as { formulaId?: string }) };
    };
    const first = await made("Keyed", "k-1");
    expect(await made("Keyed", "k-1")).toEqual(first);
    expect((await made("Keyed", "k-2")).formulaId).not.toBe(first.formulaId);
    expect((await made("Another", "k-1")).status).toBe(409);
    const id = "0d3f4c1e-6a77-4f0b-9b7e-2f4d3c5a6b78";
    expect((await ask("POST", "/formulas", { ...save("Own id"), id })).status).toBe(201);
    expect((await ask("POST", "/formulas", { ...save("Own id"), id })).status).toBe(201);
    expect((await ask("POST", "/formulas", { ...save("Not that"), id })).status).toBe(409);
  });

  test("what nobody has is refused with its place, and what cannot be with what is missing", async () => {
    const unknown = { ...chops(), foodId: "unicorn", lines: [{ ...LINE, ingredientId: "moon_dust" }] };
    const { status, body } = await ask("POST", "/formulas", { formulation: unknown, note: "" });
    expect(status).toBe(422);
    expect(body.issues.map((i: { path: string }) => i.path)).toEqual([
      "formulation.foodId",
      "formulation.lines.0.ingredientId",
    ]);
    const huge = await ask("POST", "/compute/crust", { food: "celeriac", massG: 40_000, count: 1 });
    expect(huge).toMatchObject({ status: 422, body: { issues: [{ path: "count" }] } });
  });

  test("another method is told which", async () => {
    const response = await raw("DELETE", "/formulas");
    expect(response.status).toBe(405);
    expect(response.headers.get("allow")).toBe("GET, POST");
  });
});

const LINE = { ingredientId: "juniper", amountG: 2, scalesWith: "foodMass", optional: false } as const;
