import { createServer, type IncomingMessage, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { chops } from "@/core/formula/formulation.fixture";
import { loadBatch } from "./batch-views";
import { startBatch } from "./batches";
import { openDatabase } from "./database";
import { admit } from "./door/admit";
import { doorFile, setPassphrase } from "./door/passphrase";
import { kitchenIsReady } from "./ready";
import { freshFile } from "./safekeeping/kitchens.fixture";
import { batchActs, batches } from "./schema";
import { NO_TAP, pagesToWarm, warmUp } from "./warm-up";
import { confirmAct } from "./work";

const NOW = Date.UTC(2026, 10, 28, 12);
const held = globalThis as { ironCrockDb?: unknown };

let server: Server;
let asked: { path: string; cookie: string | undefined; wasReady: boolean }[];
const answering = (answer: (request: IncomingMessage) => number | Promise<number>) =>
  new Promise<string>((started) => {
    server = createServer((request, response) => {
      asked.push({
        path: request.url ?? "",
        cookie: request.headers.cookie,
        wasReady: kitchenIsReady(),
      });
      void Promise.resolve(answer(request)).then((status) => {
        response.statusCode = status;
        response.end("a page");
      });
    }).listen(0, "127.0.0.1", () => started(`http://127.0.0.1:${(server.address() as AddressInfo).port}`));
  });

const kitchen = () => {
  const db = openDatabase(":memory:");
  held.ironCrockDb = db;
  return db;
};

let file: string;
beforeEach(() => {
  asked = [];
  file = process.env.DATABASE_PATH = freshFile();
});
afterEach(() => {
  server.close();
  delete held.ironCrockDb;
  delete process.env.DATABASE_PATH;
});

test("every page is asked for once, and the server is ready when all have come", async () => {
  const db = kitchen();
  const { id } = startBatch(
    db,
    { formulaId: null, formulation: chops(), startAtMs: NOW, acknowledgements: [] },
    NOW,
  );
  const origin = await answering(() => 200);
  expect(kitchenIsReady()).toBe(true);
  await warmUp(origin, db);
  expect(asked.map((a) => a.path)).toEqual([...pagesToWarm(db), `/api/batches/${id}/acts/none`]);
  expect(asked.map((a) => a.path)).toEqual(expect.arrayContaining(["/", "/work", `/batch/${id}`]));
  expect(asked.every((a) => !a.wasReady)).toBe(true);
  expect(kitchenIsReady()).toBe(true);
});

test("of an empty kitchen there is no page of a batch", () =>
  answering(() => 200).then(() =>
    expect(pagesToWarm(kitchen()).filter((page) => /batch|formula|sitting\//.test(page))).toEqual([]),
  ));

test("the tap it asks for is kept of no batch, not of one either whose sums work out no more", () => {
  const db = kitchen();
  const start = { formulaId: null, formulation: chops(), startAtMs: NOW, acknowledgements: [] };
  const { id } = startBatch(db, start, NOW);
  const tap = () => confirmAct(db, id, NO_TAP.actId, NO_TAP.body, NOW);
  expect(tap).toThrow("act of this batch");
  db.update(batches)
    .set({ body: { ...chops(), foodId: "gone" } })
    .run();
  expect(tap).toThrow(/to come|ahead/);
  expect(db.select().from(batchActs).all()).toEqual([]);
  expect(loadBatch(db, id).events.map((e) => e.kind)).toEqual(["started"]);
});

test("behind a passphrase it has a session, which opens nothing afterwards", async () => {
  await setPassphrase(doorFile(file), "barley wharf lantern 7", {
    N: 2 ** 10,
    r: 8,
    p: 1,
  });
  const comesIn = (cookie = "") => admit(new Request("http://127.0.0.1/work", { headers: { cookie } }));
  const statuses: number[] = [];
  // Answered only when it is known whether it came in: the session may end with the last answer.
  const origin = await answering(async ({ headers }) => {
    const status = await comesIn(headers.cookie).then(
      () => 200,
      () => 401,
    );
    statuses.push(status);
    return status;
  });
  const db = kitchen();
  await warmUp(origin, db);
  expect(statuses).toEqual(pagesToWarm(db).map(() => 200));
  await expect(comesIn(asked[0].cookie)).rejects.toMatchObject({ status: 401 });
});

test("a page that breaks, or a server that is not there, stops nothing", async () => {
  const db = kitchen();
  const origin = await answering(({ url }) => (url === "/bench" ? 500 : 200));
  await warmUp(origin, db);
  expect(asked).toHaveLength(pagesToWarm(db).length);
  server.close();
  await warmUp("http://127.0.0.1:9", db);
  expect(kitchenIsReady()).toBe(true);
});
