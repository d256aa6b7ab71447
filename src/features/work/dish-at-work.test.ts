import type { WorkView } from "@/contracts/work";
import { chops, worked as sheetOf } from "@/core/formula/formulation.fixture";
import { WALL_CLOCK } from "@/core/program/batch-clock";
import { exitsOf } from "@/core/program/exits";
import { programOf } from "@/core/program/program";
import { foreseenOf, type WorkedBatch } from "./dish-at-work";

const MIN = 60_000;
const IN = Date.UTC(2026, 10, 28, 18);
const input = chops({ cook: { toC: 63, minutes: 60, restMin: 5, ovenC: 180 } });
const sheet = sheetOf(input);
const exits = exitsOf(input, sheet);
const program = programOf(input, sheet, { soakH: 8, exits });
const worked = { batch: { id: "b1" }, sheet, exits, program } as unknown as WorkedBatch;
const intoId = program.steps.find((s) => s.kind === "cook" && s.ends.by === "core")?.id ?? "";

const atWork = (cores: number[]): WorkView => ({
  batchId: "b1",
  done: { [intoId]: IN },
  skipped: [],
  weights: {},
  scaledBy: 1,
  readings: cores.map((value, i) => ({ channel: "probe", atMs: IN + i * 5 * MIN, value })),
  instruments: ["probe"],
  clock: WALL_CLOCK,
  startedAtMs: IN - 10 * 3_600_000,
  liftedAtMs: null,
  judged: null,
  scale: null,
  photos: [],
});

const doneMin = (of: WorkedBatch, work: WorkView) =>
  foreseenOf(of, work).probe.forecast?.doneMin ?? Number.NaN;

test("what a probe foresees is worked out once for what was read, and anew when more was", () => {
  const before = atWork([6, 9, 14, 20, 26]);
  const first = foreseenOf(worked, before);
  expect(first.probe.forecast?.doneMin).toBeGreaterThan(20);
  expect(foreseenOf(worked, before)).toBe(first);

  const slower = atWork([6, 9, 14, 20, 26, 29]);
  expect(foreseenOf(worked, slower).probe.readings).toHaveLength(6);
  expect(doneMin(worked, slower)).toBeGreaterThan(doneMin(worked, before));
});

test("another core to take it out at, and it is foreseen anew from the same readings", () => {
  const work = atWork([6, 9, 14, 20, 26]);
  const before = doneMin(worked, work);
  const hotter = { ...worked, exits: exits.map((e) => ({ ...e, outC: e.outC + 8 })) };
  expect(doneMin(hotter, work)).toBeGreaterThan(before);
});
