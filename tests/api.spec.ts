import { expect, test, type APIRequestContext } from "./kitchen";
import { PORK_LOIN } from "../src/server/demo/brines";

const start = (change: object = {}) => ({
  formulaId: null,
  formulation: PORK_LOIN,
  startAtMs: Date.now(),
  acknowledgements: [],
  ...change,
});

async function countFormulas(request: APIRequestContext): Promise<number> {
  const page = await (await request.get("/stores")).text();
  return (page.match(/href="\/bench\?formula=[^"&]+"/g) ?? []).length;
}

test.describe("a malformed request is refused with a reason and writes nothing", () => {
  for (const [name, body, status, detail] of [
    ["not JSON", "{", 400, "does not read as JSON"],
    ["an empty object", {}, 400, "formulaId"],
    ["a wrong type", start({ startAtMs: "soon" }), 400, "startAtMs"],
    [
      "a batch of two tonnes",
      start({ formulation: { ...PORK_LOIN, pieces: { ...PORK_LOIN.pieces, totalMassG: 2e6 } } }),
      400,
      "pieces.totalMassG",
    ],
    ["something extra", start({ admin: true }), 400, "admin"],
    ["an unknown food", start({ formulation: { ...PORK_LOIN, foodId: "unicorn" } }), 422, "unknown_food"],
    ["a formula that is not there", start({ formulaId: "nope" }), 404, "no such formula"],
    [
      "a stop without a reason",
      start({ formulation: { ...PORK_LOIN, holding: { ...PORK_LOIN.holding, temperatureC: 9 } } }),
      422,
      "Fridge above 4 °C",
    ],
  ] as const) {
    test(name, async ({ request }) => {
      const before = await countFormulas(request);
      const answer = await request.post("/api/batches", {
        headers: { "content-type": "application/json" },
        data: typeof body === "string" ? Buffer.from(body) : body,
      });
      expect(answer.status()).toBe(status);
      expect(answer.headers()["content-type"]).toContain("application/problem+json");
      expect((await answer.json()).detail).toContain(detail);
      expect(await countFormulas(request)).toBe(before);
    });
  }

  test("a form post, another site's page, a body too large", async ({ request }) => {
    const form = await request.post("/api/batches", { form: { a: "b" } });
    expect(form.status()).toBe(415);
    const foreign = await request.post("/api/batches", {
      data: start(),
      headers: { origin: "http://elsewhere.example" },
    });
    expect(foreign.status()).toBe(403);
    const large = await request.post("/api/batches", { data: { junk: "x".repeat(300_000) } });
    expect(large.status()).toBe(413);
  });

  test("a lift-out before the start, of a batch that is not there, with no time", async ({ request }) => {
    const { id } = await (await request.post("/api/batches", { data: start() })).json();
    const lift = (batch: string, data: object) => request.post(`/api/batches/${batch}/lift`, { data });
    expect((await lift(id, { atMs: Date.now() - 3_600_000 })).status()).toBe(422);
    expect((await lift("nope", { atMs: Date.now() })).status()).toBe(404);
    expect((await lift(id, {})).status()).toBe(400);
    const first = await (await lift(id, { atMs: Date.now() })).json();
    const second = await (await lift(id, { atMs: Date.now() })).json();
    expect(second).toEqual({ liftedAtMs: first.liftedAtMs, already: true });
  });
});

test("security headers are on every answer", async ({ request }) => {
  const headers = (await request.get("/")).headers();
  expect(headers["x-content-type-options"]).toBe("nosniff");
  expect(headers["x-frame-options"]).toBe("DENY");
  expect(headers["x-powered-by"]).toBeUndefined();
  // Behind TLS it stays behind TLS; without it nothing is promised.
  expect(headers["strict-transport-security"]).toBeUndefined();
  const tls = await request.get("/", { headers: { "x-forwarded-proto": "https" } });
  expect(tls.headers()["strict-transport-security"]).toContain("max-age=");
});
