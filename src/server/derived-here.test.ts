import { chops } from "@/core/formula/formulation.fixture";
import { loadBatch } from "./batch-views";
import { startBatch } from "./batches";
import { openDatabase } from "./database";
import { derivedHere } from "./derived-here";
import { heavy } from "./heavy/pool";
import { Refusal } from "./problem";

jest.mock("./heavy/pool", () => {
  const real: typeof import("./heavy/pool") = jest.requireActual("./heavy/pool");
  return { ...real, heavy: jest.fn(real.heavy) };
});

const NOW = Date.UTC(2026, 10, 27, 9);

test("worked out once for all who look; where it was too much just then, the next who looks asks again", async () => {
  const db = openDatabase(":memory:");
  const request = { formulaId: null, formulation: chops(), startAtMs: NOW, acknowledgements: [] };
  const batch = loadBatch(db, startBatch(db, request, NOW).id);
  jest.mocked(heavy).mockRejectedValueOnce(new Refusal(503, "Too much at once", "x"));
  await expect(derivedHere(db, batch)).rejects.toMatchObject({ status: 503 });
  const derived = await derivedHere(db, batch);
  expect(derived?.program.steps.length).toBeGreaterThan(0);
  expect(await derivedHere(db, batch)).toBe(derived);
  expect(heavy).toHaveBeenCalledTimes(2);
});
