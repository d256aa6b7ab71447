import { z, ZodError } from "zod";
import { answer, download, readBody } from "./http";
import { log } from "./log";
import { Refusal } from "./problem";

const schema = z.strictObject({ grams: z.number().min(1) });

const post = (body: string, headers: Record<string, string> = {}) =>
  new Request("http://127.0.0.1:3000/api/x", {
    method: "POST",
    body,
    headers: { "content-type": "application/json", host: "127.0.0.1:3000", ...headers },
  });

const ask = (request: Request) => answer(async () => Response.json(await readBody(request, schema)));

describe("a body is read, or refused with a reason", () => {
  test("a good one", async () => {
    const response = await ask(post('{"grams": 5}'));
    expect(response.status).toBe(200);
    expect(await response.json()).toEqual({ grams: 5 });
  });

  test.each([
    ["not JSON", '{"grams": ', {}, 400, "does not read as JSON"],
    ["too little", '{"grams": 0}', {}, 400, "grams"],
    ["something extra", '{"grams": 5, "admin": true}', {}, 400, "admin"],
    ["another type", "grams=5", { "content-type": "text/plain" }, 415, "application/json"],
    ["another site's page", '{"grams": 5}', { origin: "http://elsewhere.example" }, 403, "own pages"],
    ["an origin that is none", '{"grams": 5}', { origin: "null" }, 403, "own pages"],
    ["nested too deep", `{"grams": ${"[".repeat(100_000)}`, {}, 400, "40 levels"],
    ["too large", `{"grams": 5, "pad": "${"x".repeat(300_000)}"}`, {}, 413, "256 kB"],
  ])("%s", async (_, body, headers, status, detail) => {
    const response = await ask(post(body, headers));
    expect(response.status).toBe(status);
    expect(response.headers.get("content-type")).toContain("application/problem+json");
    expect((await response.json()).detail).toContain(detail);
  });

  test("from this kitchen's own page", async () => {
    expect((await ask(post('{"grams": 5}', { origin: "http://127.0.0.1:3000" }))).status).toBe(200);
  });
});

/** RFC 6266: the name in ASCII for old programs, and as it is (RFC 8187) for the others. */
test.each([
  ["Juniper pork loin.md", /filename="?Juniper-pork-loin\.md"?/, "Juniper%20pork%20loin.md"],
  [
    "Épaule d’agneau.formula.json",
    /filename="?-paule-d-agneau\.formula\.json"?/,
    "%C3%89paule%20d%E2%80%99agneau.formula.json",
  ],
  [
    '../../"x"\r\nset-cookie: a.csv',
    /filename="?\.\.-\.\.-x-set-cookie-a\.csv"?/,
    "..-..-x-set-cookie-%20a.csv",
  ],
])("a file called %j goes out under a name that harms nobody", (name, ascii, whole) => {
  const header = download("text", "text/plain", name).headers.get("content-disposition") ?? "";
  expect(header).toMatch(ascii);
  expect(header).toContain(`filename*=UTF-8''${whole}`);
});

describe("what a handler throws", () => {
  test("a refusal keeps its status, its issues and its facts", async () => {
    const response = await answer(() => {
      throw new Refusal(409, "Saved elsewhere", "Version 3 is newer.", { currentVersion: 3 });
    });
    expect(response.status).toBe(409);
    expect(await response.json()).toMatchObject({ title: "Saved elsewhere", currentVersion: 3, issues: [] });
  });

  test("a bug answers 500, tells nothing of its insides, and gives the number it has in the log", async () => {
    const logged = jest.spyOn(log, "error").mockImplementation(() => undefined);
    const response = await answer(() => {
      throw new Error("secret path /etc");
    });
    expect(response.status).toBe(500);
    const body = JSON.stringify(await response.json());
    expect(body).not.toContain("secret");
    const [told] = logged.mock.calls[0] as unknown as [{ fault: string; err: Error }];
    expect(told.err.message).toContain("secret");
    expect(told.fault).toMatch(/^\w{8}$/);
    expect(body).toContain(told.fault);
    logged.mockRestore();
  });

  test("damaged stored data says so", async () => {
    const logged = jest.spyOn(log, "error").mockImplementation(() => undefined);
    const response = await answer(() => {
      throw new ZodError([]);
    });
    expect((await response.json()).title).toBe("Stored data is damaged");
    logged.mockRestore();
  });
});
