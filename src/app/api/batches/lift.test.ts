import { POST } from "./[id]/lift/route";
import { chops } from "@/core/formula/formulation.fixture";
import { loadBatch } from "@/server/batch-views";
import { startBatch } from "@/server/batches";
import { database } from "@/server/database";

beforeAll(() => {
  process.env.DATABASE_PATH = ":memory:";
});

test("what a page sends of a lift is kept whole: the hour, and how far off its device was", async () => {
  const db = database();
  const now = Date.now();
  const { id } = startBatch(
    db,
    { formulaId: null, formulation: chops(), startAtMs: now - 3_600_000, acknowledgements: [] },
    now,
  );
  const sent = new Request(`http://127.0.0.1:3000/api/batches/${id}/lift`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ atMs: now, deviceAheadMs: 420_000 }),
  });
  const answer = await POST(sent, { params: Promise.resolve({ id }) });
  expect([answer.status, await answer.json()]).toMatchObject([200, { liftedAtMs: now }]);
  expect(loadBatch(db, id).events.at(-1)).toMatchObject({
    kind: "lifted",
    atMs: now,
    deviceAheadMs: 420_000,
  });
});
