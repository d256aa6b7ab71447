import { execFile, spawn } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { promisify } from "node:util";
import { OpenAPIClientAxios } from "openapi-client-axios";
import { expect, test } from "./kitchen";

const run = promisify(execFile);

test("a client generated from the document does a kitchen's work: names found, a formula, a batch, readings, its judgement", async ({
  exampleKitchen,
}) => {
  const definition = `${exampleKitchen.url}/api/v1/openapi.json`;
  const api = new OpenAPIClientAxios({ definition, withServer: { url: `${exampleKitchen.url}/api/v1` } });
  const client = await api.init();
  const call = async (id: string, parameters: object | null, body?: unknown) =>
    (
      await (
        client as unknown as Record<string, (p: object | null, b?: unknown) => Promise<{ data: never }>>
      )[id](parameters, body)
    ).data as Record<string, unknown>;

  const foods = (await call("listFoods", { find: "duck leg" })) as unknown as { id: string }[];
  expect(foods.map((f) => f.id)).toContain("duck_leg");
  const { formulation, sheet } = (await call("brine", null, {
    food: "duck_leg",
    massG: 1200,
    count: 4,
    as: "dry",
    hours: 24,
  })) as { formulation: object; sheet: { lines: { id: string; role: string; massG: number }[] } };
  const saved = await call("saveFormula", null, { formulation: { ...formulation, name: "From afar" } });
  const named = { ...formulation, name: "From afar" };
  const startAtMs = Date.now() - 60_000;
  const { id } = await call("startBatch", null, {
    formulaId: saved.formulaId,
    formulation: named,
    startAtMs,
    acknowledgements: [],
  });
  const salt = sheet.lines.find((l) => l.role === "salt");
  await call("weighIn", { id }, { lineId: salt?.id, grams: salt?.massG });
  await call("addSample", { id }, { channel: "fridge", atMs: startAtMs, value: 3.4 });
  expect(await call("batchAtWork", { id })).toMatchObject({ weights: { [salt?.id ?? ""]: salt?.massG } });
  await call("liftBatch", { id }, { atMs: Date.now() });
  await call("judgeBatch", { id }, { salt: 0, faults: [], words: "" });
  const record = (await call("listRecord", { find: "From afar" })) as { rows: { id: string }[] };
  expect(record.rows.map((r) => r.id)).toEqual([id]);
});

test("the bridges: a probe in °F, a scale on a line and a fridge sensor reach the batch they found", async ({
  page,
  exampleKitchen: { url },
}) => {
  await page.goto(`${url}/stores`);
  await page.getByLabel("For what").fill("the fridge’s bridge");
  await page.getByRole("button", { name: "Make a token" }).click();
  const TOKEN = await page.getByLabel(/^Token for/).inputValue();
  await expect(page.locator('[data-token="the fridge’s bridge"]')).toContainText("sends readings");

  const here = { ...process.env, KITCHEN: url, TOKEN };
  const { stdout } = await run("sh", ["examples/find-batch.sh", "juniper"], { env: here });
  const BATCH = stdout.trim();
  await expect(run("sh", ["examples/find-batch.sh", "nothing like it"], { env: here })).rejects.toThrow(
    "no running batch",
  );
  const env = { ...here, BATCH };

  const probe = spawn("sh", ["examples/probe-lines.sh"], { env: { ...env, UNIT: "°F" } });
  probe.stdin.end("connecting…\n106.7\n");
  await new Promise((done) => probe.on("close", done));
  const folder = mkdtempSync(path.join(tmpdir(), "bridges-"));
  writeFileSync(path.join(folder, "w1_slave"), "aa 01 : crc=bb YES\naa 01 t=3125\n");
  await run("node", ["examples/fridge-sensor.mjs", path.join(folder, "w1_slave")], {
    env: { ...env, EVERY_S: "0" },
  });
  writeFileSync(path.join(folder, "tty"), "ST,+0412.50 g\nST,+0014.55 oz\n");
  await run("sh", ["examples/scale-serial.sh", path.join(folder, "tty")], { env });

  const work = await (await page.request.get(`${url}/api/v1/batches/${BATCH}/work`)).json();
  const last = (channel: string) =>
    work.readings.filter((r: { channel: string }) => r.channel === channel).at(-1)?.value;
  expect(last("probe")).toBeCloseTo(41.5, 6);
  expect(last("fridge")).toBeCloseTo(3.125, 6);
  const { work: shown } = await (await page.request.get(`${url}/api/batches/${BATCH}/work`)).json();
  expect(shown.scale.grams).toBeCloseTo(14.55 * 28.349523, 1);

  // Taken back, it opens nothing any more.
  await page.getByRole("button", { name: "Take the fridge’s bridge back" }).click();
  await expect(page.locator('[data-token="the fridge’s bridge"]')).toHaveCount(0);
  await expect(run("sh", ["examples/find-batch.sh", "juniper"], { env: here })).rejects.toThrow("401");
});
