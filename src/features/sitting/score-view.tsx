"use client";

import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { SittingBody } from "@/contracts/sitting";
import type { Answer, PlannedTask } from "@/core/schedule/answer";
import { duration, fixed } from "@/ui/format";
import { Also, useAlso, useUnits } from "@/ui/measures";
import { scoreOf, type Load, type ScoreBlock, type ScoreRow } from "./score";

interface Props {
  planned: Extract<Answer, { status: "planned" }>;
  body: SittingBody;
  timeZone: string;
  nowMs: number;
  /** Where the cook put a task, by its id. */
  pinned: ReadonlyMap<string, number>;
  onMove: (task: PlannedTask, startMs: number) => void;
}

const MIN_MS = 60_000;
const HOUR_MS = 60 * MIN_MS;
const SNAP_MS = 5 * MIN_MS;
const INDENT_PX = 30;
/** The head of the columns is the first line of the grid. */
const HEAD = 2;

const lines = (from: number, to: number) => ({ gridRow: `${from + HEAD} / ${to + HEAD}` });

/** The plan as a score: time runs down, a column a dish, what is in use at the right; empty hours are folded. */
export function ScoreView({ planned, body, timeZone, nowMs, pinned, onMove }: Props) {
  const units = useUnits();
  const { rows, columns, loads } = scoreOf(planned.tasks, body.dishes, planned.nights, body.tableMs);
  const nowRow = rows.findIndex((row) => (row.kind === "moment" ? row.atMs : row.toMs) >= nowMs);
  const grid = {
    gridTemplateColumns: `7rem repeat(${columns.length}, minmax(9rem, 1fr)) repeat(${loads.length}, 2.75rem)`,
    gridTemplateRows: `auto ${rows.map((row) => (row.kind === "fold" ? "1.75rem" : "minmax(3.25rem, auto)")).join(" ")}`,
  };
  return (
    <div className="hidden overflow-x-auto md:block">
      <div role="group" aria-label="The plan, by time" className="relative grid gap-x-1.5" style={grid}>
        {columns.map((column, i) => (
          <h3
            key={column.id}
            className="sticky top-0 z-20 truncate bg-base-200 px-1 py-1 text-lg"
            style={{ gridRow: 1, gridColumn: i + 2 }}
            title={column.name}
          >
            {column.name}
          </h3>
        ))}
        {loads.map((load, i) => (
          <span
            key={load.id}
            className="truncate py-2 text-center text-sm text-quiet"
            style={{ gridRow: 1, gridColumn: columns.length + 2 + i }}
          >
            {LOAD_NAME[load.id] ?? load.id.replace(/^oven(\d)$/, "oven $1")}
          </span>
        ))}
        {rows.map((row, i) => (
          <Row key={i} row={row} at={i} timeZone={timeZone} tableMs={body.tableMs} before={rows[i - 1]} />
        ))}
        {columns.map((column, i) =>
          column.blocks.map((block) => (
            <Block
              key={block.task.id}
              block={block}
              column={i + 2}
              rows={rows}
              timeZone={timeZone}
              putMs={pinned.get(block.task.id)}
              onMove={onMove}
            />
          )),
        )}
        {loads.map((load, i) => (
          <Strip key={load.id} load={load} column={columns.length + 2 + i} fridgeL={body.kitchen.fridgeL} />
        ))}
        {nowRow >= 0 && (
          <div
            className="pointer-events-none relative z-20 border-t-2 border-accent"
            style={{ ...lines(nowRow, nowRow + 1), gridColumn: "1 / -1" }}
          >
            <span className="absolute -translate-y-full bg-accent px-1 text-sm font-semibold text-accent-content">
              now {units.clock(nowMs, timeZone)}
            </span>
          </div>
        )}
      </div>
    </div>
  );
}

const LOAD_NAME: Record<string, string> = { fridge: "fridge", oven: "oven", oven1: "oven", hands: "hands" };

interface RowProps {
  row: ScoreRow;
  at: number;
  timeZone: string;
  tableMs: number;
  before: ScoreRow | undefined;
}

function Row({ row, at, timeZone, tableMs, before }: RowProps) {
  const units = useUnits();
  if (row.kind === "fold")
    return (
      <div
        className="flex items-center border-y border-line bg-[color-mix(in_oklab,var(--color-base-content)_9%,transparent)]"
        style={{ ...lines(at, at + 1), gridColumn: "1 / -1" }}
      >
        <span className="text-sm whitespace-nowrap">{sayFold(row)}</span>
      </div>
    );
  const beforeMs = before && (before.kind === "moment" ? before.atMs : before.fromMs);
  const table = row.atMs === tableMs;
  return (
    <div
      data-row={row.atMs}
      className={table ? "border-t-4 border-[var(--iron)]" : "border-t border-line"}
      style={{ ...lines(at, at + 1), gridColumn: "1 / -1" }}
    >
      <span className="figure whitespace-nowrap">
        {beforeMs === undefined
          ? units.dayAndClock(row.atMs, timeZone)
          : units.when(row.atMs, beforeMs, timeZone)}
      </span>
      {table && <b className="block text-sm">the table</b>}
    </div>
  );
}

function sayFold({ fromMs, toMs, nights }: Extract<ScoreRow, { kind: "fold" }>): string {
  const hours = duration(Math.round((toMs - fromMs) / HOUR_MS));
  return nights === 0 ? hours : `${hours}, ${nights === 1 ? "one night" : `${nights} nights`}`;
}

interface BlockProps {
  block: ScoreBlock;
  column: number;
  rows: readonly ScoreRow[];
  timeZone: string;
  putMs: number | undefined;
  onMove: (task: PlannedTask, startMs: number) => void;
}

/** One act, with its words and figures in it; dragged to another row or nudged by keys, it is put there and the rest follows. */
function Block({ block: { task, from, to, depth, under }, column, timeZone, putMs, onMove }: BlockProps) {
  const units = useUnits();
  const also = useAlso();
  const [over, setOver] = useState<number | undefined>();
  const grabbed = useRef(0);
  const startMs = putMs ?? task.startMs;
  const takes = duration((task.endMs - task.startMs) / HOUR_MS);
  const heat = task.uses.some((u) => u.ovenC !== undefined);
  const look =
    task.kind === "soak" || task.elastic
      ? "border-primary bg-[var(--brine-pale)]"
      : heat
        ? "border-accent bg-[color-mix(in_oklab,var(--color-accent)_18%,var(--color-base-100))]"
        : "border-[var(--iron)] bg-base-100";

  const nudge = (event: KeyboardEvent) => {
    const step = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    onMove(task, startMs + step * SNAP_MS * (event.shiftKey ? 6 : 1));
  };
  const grab = (event: PointerEvent<HTMLDivElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    grabbed.current = event.clientY;
    setOver(startMs);
  };
  const follow = (event: PointerEvent<HTMLDivElement>) => {
    if (over === undefined) return;
    const aboveBy = event.clientY - grabbed.current;
    const top = event.currentTarget.getBoundingClientRect().top + aboveBy;
    setOver(momentUnder(event.currentTarget, top, startMs));
  };
  const drop = () => {
    if (over !== undefined && over !== startMs) onMove(task, over);
    setOver(undefined);
  };
  return (
    <div
      role="button"
      tabIndex={0}
      data-task={task.id}
      aria-label={also(
        `${task.dish}: ${task.title}: ${units.dayAndClock(startMs, timeZone)}, ${takes}${putMs !== undefined ? ", put here" : ""}`,
      )}
      className={`z-10 mb-1 cursor-grab touch-none overflow-hidden rounded-box border-2 px-2 py-0.5 select-none ${look} ${putMs !== undefined ? "outline-3 outline-warning" : ""}`}
      style={{ ...lines(from, to), gridColumn: column, marginLeft: depth * INDENT_PX, zIndex: 10 + depth }}
      onKeyDown={nudge}
      onPointerDown={grab}
      onPointerMove={follow}
      onPointerUp={drop}
      onPointerCancel={() => setOver(undefined)}
    >
      <span
        className={`block text-sm leading-tight ${under ? "-ml-1 h-full w-5 whitespace-nowrap" : ""}`}
        style={under ? { writingMode: "vertical-rl" } : undefined}
      >
        <b className={`font-semibold ${under ? "" : "block"}`}>
          <Also>{task.title}</Also>
        </b>{" "}
        <span>
          {over !== undefined && over !== startMs ? (
            <b className="text-base-content">to {units.dayAndClock(over, timeZone)}</b>
          ) : (
            sayTakes(task, takes, units.dayAndClock(task.endMs, timeZone))
          )}
        </span>
      </span>
    </div>
  );
}

/** A stretch says till when, an act how long; a soak's own words have its hours already. */
function sayTakes(task: PlannedTask, takes: string, until: string): string {
  if (task.kind === "soak") return `until ${until}`;
  if (task.endMs - task.startMs >= HOUR_MS) return `${takes}, until ${until}`;
  return task.endMs > task.startMs ? takes : "";
}

/** The time of the grid at a height: within a row as far as it goes to the next, to five minutes. */
function momentUnder(block: HTMLElement, top: number, fallbackMs: number): number {
  const rows = [...(block.parentElement?.querySelectorAll<HTMLElement>("[data-row]") ?? [])];
  const at = rows.findLastIndex((row) => row.getBoundingClientRect().top <= top + 1);
  if (at < 0) return fallbackMs;
  const box = rows[at].getBoundingClientRect();
  const fromMs = Number(rows[at].dataset.row);
  const next = rows[at + 1];
  if (!next) return fromMs;
  const share = (top - box.top) / Math.max(1, next.getBoundingClientRect().top - box.top);
  const ms = fromMs + Math.min(1, Math.max(0, share)) * (Number(next.dataset.row) - fromMs);
  return fromMs + Math.round((ms - fromMs) / SNAP_MS) * SNAP_MS;
}

/** What is in use, as strips: litres of the fridge, the oven's heats, hands. */
function Strip({ load, column, fridgeL }: { load: Load; column: number; fridgeL: number }) {
  return load.spans.map(({ from, to, amount, ovenC }) => {
    const text =
      load.id === "fridge"
        ? `${fixed(amount, 0)} of ${fridgeL} L`
        : ovenC !== undefined
          ? `${ovenC} °C`
          : amount > 1
            ? String(amount)
            : "";
    const look =
      load.id === "fridge"
        ? "bg-primary text-primary-content"
        : ovenC !== undefined
          ? "bg-accent text-accent-content"
          : "bg-[var(--iron)] text-base-100";
    return (
      <div
        key={from}
        className={`mx-2 mb-1 flex justify-center overflow-hidden py-1 text-sm ${look}`}
        style={{ ...lines(from, to), gridColumn: column, writingMode: "vertical-rl" }}
        title={text}
      >
        {to - from > 1 ? text : ""}
      </div>
    );
  });
}
