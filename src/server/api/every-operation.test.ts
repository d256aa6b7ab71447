import Ajv, { type ValidateFunction } from "ajv/dist/2020";
import fc from "fast-check";
import { EXAMPLE_DRY_BRINE, EXAMPLE_SITTING } from "./examples";
import { openApi } from "./open-api";
import { OPERATIONS } from "./operations";
import type { Operation } from "./operation";
import { serveApi } from "./serve";
import { freshFile } from "../safekeeping/kitchens.fixture";

/* Every operation driven from the document this API publishes: its own examples, and the same spoiled. */

jest.setTimeout(120_000);
beforeAll(() => {
  process.env.DATABASE_PATH = freshFile();
  delete (globalThis as { ironCrockDb?: unknown }).ironCrockDb;
});

// What another program reads: plain JSON.
const DOCUMENT = JSON.parse(JSON.stringify(openApi())) as ReturnType<typeof openApi>;
const ajv = new Ajv({ strict: false, validateFormats: false });
ajv.addSchema({ $id: "doc", ...DOCUMENT });

interface Described {
  responses: Record<string, { $ref?: string; content?: Record<string, { schema?: object }> }>;
}

const describedOf = ({ path, method }: Operation): Described => DOCUMENT.paths[path][method] as Described;
const pointer = (path: string) => path.replaceAll("~", "~0").replaceAll("/", "~1");

const compiled = new Map<string, ValidateFunction>();
const DAY_MS = 86_400_000;
/** Six in the evening, two days on: whenever this is run there is time, and nobody has to be up at night. */
const anEvening = () => (Math.floor(Date.now() / DAY_MS) + 2) * DAY_MS + 18 * 3_600_000;

function validatorOf(op: Operation, status: number): ValidateFunction | undefined {
  const response = describedOf(op).responses[status];
  const ref = response?.$ref
    ? "doc#/components/schemas/Problem"
    : response?.content?.["application/json"]?.schema
      ? `doc#/paths/${pointer(op.path)}/${op.method}/responses/${status}/content/application~1json/schema`
      : undefined;
  if (ref === undefined) return undefined;
  const known = compiled.get(ref) ?? ajv.compile({ $ref: encodeURI(ref) });
  compiled.set(ref, known);
  return known;
}

interface Sent {
  query?: string;
  body?: unknown;
  headers?: Record<string, string>;
  path?: Record<string, string> | undefined;
}

async function send(op: Operation, { query = "", body, headers = {}, path = {} }: Sent) {
  const at = op.path.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(path[name] ?? "nothing"));
  const isText = op.takes !== undefined;
  const request = new Request(`http://127.0.0.1:3000/api/v1${at}${query}`, {
    method: op.method.toUpperCase(),
    headers: {
      ...(op.body && { "content-type": "application/json" }),
      ...(op.takes && { "content-type": op.takes.media }),
      ...headers,
    },
    ...((op.body || isText) && { body: isText ? String(body ?? "") : JSON.stringify(body) }),
  });
  const parts = at.split("/").filter(Boolean).map(decodeURIComponent);
  const response = await serveApi(request, parts);
  const text = await response.text();
  return { status: response.status, headers: response.headers, text };
}

/** The answer is one the document has, and reads as it says. */
async function conforms(op: Operation, sent: Sent): Promise<number> {
  const { status, text, headers } = await send(op, sent);
  const where = `${op.method} ${op.path} ${JSON.stringify(sent).slice(0, 300)} → ${status} ${text.slice(0, 300)}`;
  expect([where, String(status) in describedOf(op).responses]).toEqual([where, true]);
  // Nothing anybody sends is a fault of the server's.
  expect([where, status]).not.toEqual([where, 500]);
  if (status >= 400) expect(headers.get("content-type")).toContain("problem+json");
  const check = validatorOf(op, status);
  if (check && !check(JSON.parse(text))) throw new Error(`${where}\n${ajv.errorsText(check.errors)}`);
  return status;
}

const op = (id: string): Operation => {
  const found = OPERATIONS.find((o) => o.id === id);
  if (!found) throw new Error(id);
  return found;
};
const made = async (id: string, body: unknown, path?: Record<string, string>) =>
  JSON.parse((await send(op(id), { body, path })).text) as Record<string, string>;

/** A kitchen with one of each, and what stands in the paths. */
async function furnished(): Promise<Record<string, Record<string, string>>> {
  const startAtMs = Date.now() - 3_600_000;
  const { formulaId } = await made("saveFormula", { formulation: EXAMPLE_DRY_BRINE });
  const batch = { formulaId, formulation: EXAMPLE_DRY_BRINE, startAtMs, acknowledgements: [] };
  const { id: batchId } = await made("startBatch", batch);
  const sitting = { ...EXAMPLE_SITTING, tableMs: anEvening() };
  const { id: sittingId } = await made("createSitting", sitting);
  await made("addSample", { channel: "fridge", atMs: startAtMs, value: 3.1 }, { id: batchId });
  return {
    formulas: { id: formulaId },
    batches: { id: batchId, actId: "weigh_out", readingId: "1", channel: "fridge", atMs: String(startAtMs) },
    sittings: { id: sittingId, dishId: "duck", stepId: "preheat" },
    own: { kind: "salt", id: "own-lock-salt" },
    tables: { table: "acts" },
  };
}

const roomOf = ({ path }: Operation) => path.split("/")[1];

test("the document says of every operation what it takes, gives and may refuse", () => {
  for (const operation of OPERATIONS) {
    const { responses } = describedOf(operation);
    for (const status of [operation.status, 400, 401, 403, 405, 422, 500])
      expect([operation.id, status, String(status) in responses]).toEqual([operation.id, status, true]);
    if (operation.body) expect([operation.id, operation.example]).not.toEqual([operation.id, undefined]);
  }
  expect(DOCUMENT.components.securitySchemes).toHaveProperty("token");
});

test("every example is answered as the document says", async () => {
  const here = await furnished();
  const nowMs = Date.now();
  const sitting = { ...EXAMPLE_SITTING, tableMs: anEvening() };
  const instead: Record<string, unknown> = {
    saveSitting: { body: sitting, baseRevision: 1 },
    startDish: { ...(op("startDish").example as object), baseRevision: 2 },
    confirmAct: { atMs: nowMs },
    startBatch: { ...(op("startBatch").example as object), startAtMs: nowMs },
    liftBatch: { atMs: nowMs },
    addSample: { channel: "probe", atMs: nowMs, value: 41.5 },
    readTable: "start_local,end_local,zone,start_utc,length_min,dish,act,hands_on",
    takeReadingsIn: `at_utc,what,value\n${new Date(nowMs).toISOString()},fridge,3.2`,
  };
  // Taken away last, and a kitchen is not replaced by nothing.
  const last = ["undoLift", "removeSample", "removeSitting", "dropOwn"];
  const order = [...OPERATIONS].sort((a, b) => last.indexOf(a.id) - last.indexOf(b.id));
  const statuses: Record<string, number> = {};
  for (const operation of order)
    statuses[operation.id] = await conforms(operation, {
      body: instead[operation.id] ?? operation.example,
      path: here[roomOf(operation)],
    });
  const refused = Object.entries(statuses).filter(([, status]) => status >= 400);
  // A dry brine has no bath to read, the clean kitchen no reading; nothing is no archive, and no secret.
  expect(Object.fromEntries(refused)).toEqual({
    addReading: 422,
    removeReading: 404,
    takeArchiveIn: 422,
    followCalendar: 404,
  });
});

describe("spoiled", () => {
  /** Values that are right nowhere, or only somewhere else. */
  const ODD = fc.constantFrom<unknown>(
    null,
    "",
    "x".repeat(5000),
    "=1+1",
    "constructor",
    "Europe/Londn",
    -1,
    0,
    1e300,
    40_000,
    0.5,
    true,
    [],
    {},
    [[[]]],
    Date.UTC(2099, 11, 31),
    "\u{1F9C2}\u0000",
  );
  /** Every place in a body. */
  const placesIn = (value: unknown, at: (string | number)[] = []): (string | number)[][] => [
    at,
    ...(Array.isArray(value)
      ? value.flatMap((v, i) => placesIn(v, [...at, i]))
      : typeof value === "object" && value !== null
        ? Object.entries(value).flatMap(([k, v]) => placesIn(v, [...at, k]))
        : []),
  ];
  const changed = (value: unknown, at: (string | number)[], odd: unknown, how: string): unknown => {
    if (at.length === 0)
      return how === "added" && typeof value === "object" ? { ...value, surprise: odd } : odd;
    const [first, ...rest] = at;
    const copy = (Array.isArray(value) ? [...(value as unknown[])] : { ...(value as object) }) as Record<
      string | number,
      unknown
    >;
    if (rest.length === 0 && how === "gone") delete copy[first];
    else copy[first] = changed(copy[first], rest, odd, how);
    return copy;
  };

  let here: Record<string, Record<string, string>>;
  beforeAll(async () => {
    here = await furnished();
  });

  test.each(OPERATIONS.filter((o) => o.body && o.id !== "plan").map((o) => [o.id, o] as const))(
    "%s",
    async (_, operation) => {
      const places = placesIn(operation.example);
      await fc.assert(
        fc.asyncProperty(
          fc.nat(),
          ODD,
          fc.constantFrom("changed", "gone", "added"),
          async (place, odd, how) => {
            const body = changed(operation.example, places[place % places.length], odd, how);
            await conforms(operation, { body, path: here[roomOf(operation)] });
          },
        ),
        { numRuns: 25, seed: 21 },
      );
    },
  );

  test("odd parts of a path and odd queries", async () => {
    for (const operation of OPERATIONS) {
      if (["writeArchive", "takeArchiveIn", "plan"].includes(operation.id)) continue;
      for (const odd of ["constructor", "%", "a b", "../x", "x".repeat(300), "-1"]) {
        const path = Object.fromEntries(
          Object.keys({
            id: 1,
            actId: 1,
            readingId: 1,
            channel: 1,
            atMs: 1,
            dishId: 1,
            stepId: 1,
            kind: 1,
          }).map((name) => [name, odd]),
        );
        await conforms(operation, { body: operation.example, path });
        await conforms(operation, {
          body: operation.example,
          path: here[roomOf(operation)],
          query: `?${encodeURIComponent(odd)}=1`,
        });
      }
    }
  });

  test.each(["limit=0", "limit=1.5", "limit=many", "limit=201", "cursor=gone"])(
    "lists: %s",
    async (query) => {
      expect(await conforms(op("listFoods"), { query: `?${query}` })).toBe(400);
    },
  );
});
