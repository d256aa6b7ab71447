import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import fc from "fast-check";
import { serveApi } from "@/server/api/serve";
import { OPERATIONS } from "@/server/api/operations";
import type { Operation } from "@/server/api/operation";
import { fullKitchen } from "@/server/safekeeping/kitchens.fixture";
import { TABLES } from "@/server/safekeeping/tables";

const RUNS = Number(process.env.DOOR_RUNS ?? 1_000_000);
/** What has upset programs before, in place of any one value. */
const ODD = [
  null,
  "",
  -1,
  0,
  1e308,
  -1e308,
  8.64e15,
  "Europe/Londn",
  "__proto__",
  "constructor",
  "\u0000",
  "\ud83d",
  "a\r\nATTENDEE:x",
  "=cmd|'/c calc'!A1",
  "🧂".repeat(2000),
  [],
  {},
  [[[[[[]]]]]],
  "1 h ".repeat(5000),
  true,
];

/** Every operation of the API, with its own example spoilt in one to three places, by its own grammar or against it. */
export async function soakDoors(): Promise<void> {
  process.env.DATABASE_PATH = path.join(mkdtempSync(path.join(tmpdir(), "doors-")), "kitchen.db");
  const { db } = await fullKitchen(process.env.DATABASE_PATH);
  const ids = (["formulas", "batches", "sittings"] as const).flatMap((name) =>
    db
      .select({ id: TABLES[name].id })
      .from(TABLES[name])
      .limit(4)
      .all()
      .map(({ id }) => id),
  );
  process.env.LOG_LEVEL = "silent";
  const rows = [];
  let [all, faults] = [0, 0];
  const spoilable = OPERATIONS.filter((o) => o.body || o.query || o.path.includes("{"));
  for (const operation of spoilable) {
    const counts = new Map<number, number>();
    let slowest = { ms: 0, body: "" };
    await fc.assert(
      fc.asyncProperty(spoilt(operation, ids), async ({ parts, query, body }) => {
        const from = performance.now();
        const url = `http://localhost/api/v1/${parts.map(encodeURIComponent).join("/")}${query}`;
        const status = (await serveApi(requestOf(operation, url, body), parts)).status;
        const ms = performance.now() - from;
        if (ms > slowest.ms) slowest = { ms, body: body.slice(0, 80) };
        counts.set(status, (counts.get(status) ?? 0) + 1);
        all++;
        if (status === 500) faults++;
      }),
      { numRuns: Math.max(20, Math.ceil(RUNS / spoilable.length)), endOnFailure: true },
    );
    rows.push({
      operation: operation.id,
      answers: [...counts].map(([status, n]) => `${n} × ${status}`).join(", "),
      "slowest, ms": slowest.ms.toFixed(0),
    });
  }
  console.table(rows);
  console.log(`${all} asked, ${faults} faults`);
  if (faults > 0) throw new Error(`${faults} answers were 500`);
}

const requestOf = (operation: Operation, url: string, body: string): Request =>
  new Request(url, {
    method: operation.method.toUpperCase(),
    headers: { host: "localhost", "content-type": operation.takes?.media ?? "application/json" },
    ...(operation.method !== "get" && operation.method !== "delete" && { body }),
  });

function spoilt(operation: Operation, ids: readonly string[]) {
  const names = operation.path.split("/").slice(1);
  const part = fc.oneof(
    fc.constantFrom(...ids),
    fc.constantFrom("nothing", "__proto__", "..", "%00", "a".repeat(300), "foods"),
    fc.string(),
  );
  const places = placesOf(operation.example);
  const spoil = fc.array(
    fc.tuple(fc.nat(Math.max(0, places.length - 1)), fc.oneof(fc.constantFrom(...ODD), fc.jsonValue())),
    { minLength: 0, maxLength: 3 },
  );
  return fc.record({
    parts: fc
      .tuple(...names.map((name) => (name.startsWith("{") ? part : fc.constant(name))))
      .map((parts) => parts.map((p) => p || "x")),
    query: fc.oneof(
      fc.constant(""),
      fc
        .tuple(fc.constantFrom("limit", "cursor", "decimal", "q", "x"), fc.string())
        .map(([name, value]) => `?${name}=${encodeURIComponent(Buffer.from(value).toString())}`),
    ),
    body: fc.oneof(
      { weight: 9, arbitrary: spoil.map((spoils) => withSpoils(operation.example, places, spoils)) },
      { weight: 1, arbitrary: fc.string() },
    ),
  });
}

type Place = (string | number)[];

/** Every place in an example at which there is a value. */
function placesOf(value: unknown, at: Place = []): Place[] {
  if (typeof value !== "object" || value === null) return [at];
  return [at, ...Object.entries(value).flatMap(([name, inner]) => placesOf(inner, [...at, name]))];
}

function withSpoils(example: unknown, places: Place[], spoils: [number, unknown][]): string {
  let whole: unknown = structuredClone(example ?? {});
  for (const [n, value] of spoils) {
    const odd: unknown = structuredClone(value);
    const place = places[n] ?? [];
    const last = place.at(-1);
    if (last === undefined) {
      whole = odd;
      continue;
    }
    let inner = whole;
    for (const name of place.slice(0, -1)) inner = (inner as Record<string, unknown> | null)?.[name] ?? {};
    if (typeof inner === "object" && inner !== null) (inner as Record<string, unknown>)[last] = odd;
  }
  return JSON.stringify(whole);
}
