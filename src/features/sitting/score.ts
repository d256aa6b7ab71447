import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { firstOf } from "@/core/sequence";

/** A moment at which something begins, or hours in which nothing does. */
export type ScoreRow =
  | { kind: "moment"; atMs: number }
  | { kind: "fold"; fromMs: number; toMs: number; nights: number };

/** Where an act stands: rows from, to (not included), and how deep within longer ones. */
export interface ScoreBlock {
  task: PlannedTask;
  from: number;
  to: number;
  depth: number;
  /** Others stand on it: its words go along its edge. */
  under: boolean;
  /** The acts a stretch begins and ends with: moved, it is longer or shorter. */
  edges: { from?: PlannedTask; till?: PlannedTask };
}

export interface Score {
  rows: ScoreRow[];
  columns: { id: string; name: string; blocks: ScoreBlock[] }[];
  loads: Load[];
}

/** How much of something is in use, stretch by stretch. */
export interface Load {
  id: string;
  spans: { from: number; to: number; amount: number; ovenC?: number }[];
}

const HOUR_MS = 3_600_000;
/** Hours in which nothing is done are folded from here on. */
const FOLDS_FROM_MS = 2 * HOUR_MS;
const STRIPS = /^(fridge|oven\d*|hands)$/;

interface Night {
  fromMs: number;
  toMs: number;
}

/**
 * The plan as a score: time runs down, a column a dish. Only moments at which something begins have a row of their own;
 * empty hours are folded into one that says how long.
 * @param endMs what the score runs to: the table
 */
export function scoreOf(
  tasks: readonly PlannedTask[],
  dishes: readonly { id: string; name: string }[],
  nights: readonly Night[],
  endMs: number,
): Score {
  const rows = rowsOf(tasks, nights, endMs);
  const rowAt = (ms: number) => {
    const found = rows.findIndex((row) => row.kind === "moment" && row.atMs >= ms);
    return found < 0 ? rows.length : found;
  };
  const place = (task: PlannedTask) => {
    const from = rowAt(task.startMs);
    return { task, from, to: Math.max(from + 1, rowAt(task.endMs)) };
  };
  return {
    rows,
    columns: dishes.map(({ id, name }) => ({
      id,
      name,
      blocks: nested(
        tasks
          .filter((t) => t.dishId === id)
          .map((task, _, ofDish) => ({ ...place(task), edges: edgesOf(task, ofDish) })),
      ),
    })),
    loads: loadsOf(tasks, rows),
  };
}

/**
 * Only what stretches has edges: a bake of forty minutes ends when it ends. An act that stands on the stretch is taken hold of
 * itself.
 */
function edgesOf(task: PlannedTask, ofDish: readonly PlannedTask[]): ScoreBlock["edges"] {
  if (!task.elastic && task.kind !== "soak") return {};
  const acts = ofDish.filter((t) => t !== task && t.handsOn && !t.elastic);
  const from = acts.find((t) => t.startMs === task.startMs) ?? acts.findLast((t) => t.endMs === task.startMs);
  const till = acts.find((t) => t.startMs === task.endMs);
  return { ...(from && { from }), ...(till && { till }) };
}

function rowsOf(tasks: readonly PlannedTask[], nights: readonly Night[], endMs: number): ScoreRow[] {
  // Where a long stretch ends, something else begins or the hour is worth a row.
  const long = tasks.filter((t) => t.endMs - t.startMs >= HOUR_MS).map((t) => t.endMs);
  const moments = [...new Set([...tasks.map((t) => t.startMs), ...long, endMs])].sort((a, b) => a - b);
  const rows: ScoreRow[] = [];
  let busyMs = firstOf(moments);
  for (const atMs of moments) {
    if (atMs - busyMs >= FOLDS_FROM_MS)
      rows.push({ kind: "fold", fromMs: busyMs, toMs: atMs, nights: nightsIn(nights, busyMs, atMs) });
    rows.push({ kind: "moment", atMs });
    const here = tasks.filter((t) => t.startMs === atMs && t.handsOn).map((t) => t.endMs);
    busyMs = Math.max(busyMs, atMs, ...here);
  }
  return rows;
}

const nightsIn = (nights: readonly Night[], fromMs: number, toMs: number): number =>
  nights.filter((n) => n.fromMs >= fromMs - HOUR_MS && n.toMs <= toMs + HOUR_MS).length;

/** Longer blocks lie beneath, shorter ones stand in them, set in. */
function nested(placed: readonly Omit<ScoreBlock, "depth" | "under">[]): ScoreBlock[] {
  const done: ScoreBlock[] = [];
  for (const block of [...placed].sort((a, b) => b.to - b.from - (a.to - a.from) || a.from - b.from)) {
    const under = done.filter((other) => other.from < block.to && block.from < other.to);
    for (const other of under) other.under = true;
    const depth = under.reduce((most, other) => Math.max(most, other.depth + 1), 0);
    done.push({ ...block, depth, under: false });
  }
  return done;
}

function loadsOf(tasks: readonly PlannedTask[], rows: readonly ScoreRow[]): Load[] {
  const ids = [...new Set(tasks.flatMap((t) => t.uses.map((u) => u.resourceId)))].filter((id) =>
    STRIPS.test(id),
  );
  return ids.sort().map((id) => {
    const spans: Load["spans"] = [];
    rows.forEach((row, i) => {
      const atMs = row.kind === "moment" ? row.atMs : row.fromMs;
      const using = tasks
        .filter((t) => t.startMs <= atMs && (t.endMs > atMs || (t.startMs === atMs && t.endMs === atMs)))
        .flatMap((t) => t.uses.filter((u) => u.resourceId === id));
      const amount = using.reduce((sum, u) => sum + u.amount, 0);
      const ovenC = using.find((u) => u.ovenC !== undefined)?.ovenC;
      const last = spans[spans.length - 1];
      if (amount === 0) return;
      if (last && last.to === i && last.amount === amount && last.ovenC === ovenC) last.to = i + 1;
      else spans.push({ from: i, to: i + 1, amount, ...(ovenC !== undefined && { ovenC }) });
    });
    return { id, spans };
  });
}

/** The head of the columns is the first line of the grid. */
const HEAD = 2;

/** Where rows of the score stand in the grid it is drawn in. */
export const lines = (from: number, to: number) => ({ gridRow: `${from + HEAD} / ${to + HEAD}` });
