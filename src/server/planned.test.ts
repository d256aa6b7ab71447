import { trayOf } from "@/core/schedule/sitting.fixture";
import { onChange } from "./changes";
import type { SittingView } from "@/contracts/sitting";
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
  let heard = 0;
  const told = new Promise<void>((done) => {
    onChange("sitting", (changed) => changed === id && ++heard === 2 && done());
  });
  const saved = await savedAndPlanned(db, id, { body: body(60), baseRevision: 1 }, NOW);
  expect(saved.revision).toBe(2);
  expect(saved.body.dishes[0]).toMatchObject({ trays: [{ minutes: 60 }] });
  expect(saved.plan).toEqual(before.plan);
  // Decided after all, beside, and told of.
  await told;
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

test("the same plan asked for by several is decided once", async () => {
  const db = openDatabase(":memory:");
  const { id } = createSitting(db, body(30), NOW);
  there.mockClear();
  const view = { id } as SittingView;
  there.mockImplementationOnce(() => new Promise((done) => setTimeout(() => done(view), 20)));
  const [one, other] = await Promise.all([sittingPlanned(db, id, NOW), sittingPlanned(db, id, NOW)]);
  expect([one, other]).toEqual([view, view]);
  expect(there).toHaveBeenCalledTimes(1);
  // And no longer than it takes: the next one who asks is not given an old answer.
  expect((await sittingPlanned(db, id, NOW)).plan.answer.status).toBe("planned");
});
