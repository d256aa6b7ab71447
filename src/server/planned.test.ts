import { trayOf } from "@/core/schedule/sitting.fixture";
import { openDatabase } from "./database";
import { savedAndPlanned, sittingPlanned } from "./planned";
import { Refusal } from "./problem";
import { EXAMPLE_SITTING } from "./api/examples";
import { createSitting } from "./sittings";
import { heavy } from "./heavy/pool";

jest.mock("./heavy/pool", () => {
  const real: typeof import("./heavy/pool") = jest.requireActual("./heavy/pool");
  return { ...real, heavy: jest.fn(real.heavy) };
});
const there = jest.mocked(heavy);
const tooLong = new Refusal(503, "Took too long", "x");

const NOW = Date.UTC(2026, 10, 27, 9);
const body = (minutes: number) => ({
  ...EXAMPLE_SITTING,
  tableMs: NOW + 30 * 3_600_000,
  dishes: [trayOf("Roots", minutes)],
});

test("what is saved is answered as saved, with the plan from before, where the new one could not be worked out", async () => {
  const db = openDatabase(":memory:");
  const { id } = createSitting(db, body(30), NOW);
  const before = await sittingPlanned(db, id, NOW);
  there.mockRejectedValueOnce(tooLong);
  const saved = await savedAndPlanned(db, id, { body: body(60), baseRevision: 1 }, NOW);
  expect(saved.revision).toBe(2);
  expect(saved.body.dishes[0]).toMatchObject({ trays: [{ minutes: 60 }] });
  expect(saved.plan).toEqual(before.plan);
  const later = await sittingPlanned(db, id, NOW);
  expect(later.plan).not.toEqual(before.plan);
  // Decided and kept: nothing is asked for any more.
  there.mockClear();
  expect((await sittingPlanned(db, id, NOW)).plan).toEqual(later.plan);
  expect(there).not.toHaveBeenCalled();
});

test("overtaken, it is refused; never planned before, the reason comes through", async () => {
  const db = openDatabase(":memory:");
  const { id } = createSitting(db, body(30), NOW);
  await expect(savedAndPlanned(db, id, { body: body(60), baseRevision: 7 }, NOW)).rejects.toMatchObject({
    status: 409,
  });
  there.mockRejectedValueOnce(tooLong);
  await expect(savedAndPlanned(db, id, { body: body(60), baseRevision: 1 }, NOW)).rejects.toMatchObject({
    status: 503,
  });
});
