"use client";

import type { SittingBody } from "@/contracts/sitting";
import type { Night } from "@/core/schedule/answer";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { duration, fixed } from "@/ui/format";
import { useTold, useUnits } from "@/ui/measures";
import { lines, scoreOf, type Load, type ScoreRow } from "./score";
import { dishColour } from "./dish-colour";
import { ScoreBlock } from "./score-block";
import * as words from "@/words/sitting/score-view";

interface Props {
  planned: { tasks: readonly PlannedTask[]; nights: readonly Night[] };
  dishes: SittingBody["dishes"];
  tableMs: number;
  fridgeL: number;
  timeZone: string;
  nowMs: number;
  /** Where the cook put a task, by its id. */
  pinned: ReadonlyMap<string, number>;
  /** How far acts moved with the last change, by id, min. */
  moved?: ReadonlyMap<string, number>;
  /** Acts that do not fit, where no plan is whole. */
  misfits?: ReadonlySet<string> | undefined;
  /** Left out, it is only looked at. */
  onMove?: (task: PlannedTask, startMs: number) => void;
  /** On a sheet of A4, upright: everything within its width, nothing scrolled. */
  paper?: boolean;
}

/** So many columns stand side by side on a tablet held upright. */
const FIT_A_TABLET = 3;
const MIN_MS = 60_000;
const HOUR_MS = 60 * MIN_MS;
/** A table gone by, with the word of what is now under its own. */
const TABLE_THEN_NOW = "minmax(4.5rem, auto)";

/** The plan as a score: time runs down, a column a dish, what is in use at the right; empty hours are folded. */
export function ScoreView(props: Props) {
  const {
    planned,
    dishes,
    tableMs,
    fridgeL,
    timeZone,
    nowMs,
    pinned,
    misfits,
    moved,
    onMove,
    paper = false,
  } = props;
  const units = useUnits();
  const { rows, columns, loads } = scoreOf(planned.tasks, dishes, planned.nights, tableMs);
  const nowRow = rows.findIndex((row) => (row.kind === "moment" ? row.atMs : row.toMs) >= nowMs);
  const isTable = (row: ScoreRow) => row.kind === "moment" && row.atMs === tableMs;
  const [timeW, dishW, loadW, rowH] = paper
    ? ["4.75rem", "minmax(0, 1fr)", "1.5rem", "minmax(1.75rem, auto)"]
    : ["7rem", "minmax(7rem, 1fr)", "2.75rem", "minmax(3.25rem, auto)"];
  const grid = {
    gridTemplateColumns: `${timeW} repeat(${columns.length}, ${dishW}) repeat(${loads.length}, ${loadW})`,
    gridTemplateRows: `auto ${rows.map((row, i) => (row.kind === "fold" ? "1.75rem" : isTable(row) && i + 1 === nowRow ? TABLE_THEN_NOW : rowH)).join(" ")}`,
  };
  return (
    <div
      className={
        paper
          ? "score-on-paper"
          : // The names stay in sight while it is scrolled, wherever all of it is as wide as the page.
            `hidden md:block lg:overflow-visible ${columns.length > FIT_A_TABLET ? "overflow-x-auto" : ""}`
      }
      // Only looked at, nothing in it takes the focus: it is scrolled by the keyboard all the same.
      {...(!onMove && !paper && { tabIndex: 0, role: "group", "aria-label": words.thePlanDrawn })}
    >
      <div
        role="group"
        aria-label={words.thePlanByTime}
        data-score
        className={`relative grid ${paper ? "gap-x-1" : "gap-x-1.5"}`}
        style={grid}
      >
        {!paper && (
          <div
            className="sticky top-0 z-19 bg-base-200 lg:-top-4"
            style={{ gridRow: 1, gridColumn: "1 / -1" }}
          />
        )}
        {columns.map((column, i) => (
          <h3
            key={column.id}
            className={
              paper
                ? "px-1 py-1 text-sm leading-tight"
                : "sticky top-0 z-20 self-end px-1 py-1 text-lg leading-tight lg:-top-4"
            }
            style={{ gridRow: 1, gridColumn: i + 2 }}
            title={column.name}
          >
            <span className="mb-0.5 block h-1 w-10" style={{ background: dishColour(i) }} aria-hidden />
            {column.name}
          </h3>
        ))}
        {loads.map((load, i) => (
          <span
            key={load.id}
            className={`text-center text-sm text-quiet ${paper ? "self-end justify-self-center py-1" : "sticky top-0 z-20 self-end py-2 leading-tight break-words lg:-top-4"}`}
            style={{
              gridRow: 1,
              gridColumn: columns.length + 2 + i,
              ...(paper && { writingMode: "vertical-rl" as const }),
            }}
          >
            {LOAD_NAME[load.id] ?? load.id.replace(/^oven(\d)$/, (_, number: string) => words.oven(number))}
          </span>
        ))}
        {rows.map((row, i) => (
          <Row key={i} row={row} at={i} timeZone={timeZone} tableMs={tableMs} before={rows[i - 1]} />
        ))}
        {columns.map((column, i) =>
          column.blocks.map((block) => (
            <ScoreBlock
              key={block.task.id}
              block={block}
              column={i + 2}
              timeZone={timeZone}
              pinned={pinned}
              movedMin={moved?.get(block.task.id)}
              misfit={misfits?.has(block.task.id)}
              onMove={onMove}
            />
          )),
        )}
        {loads.map((load, i) => (
          <Strip
            key={load.id}
            load={load}
            column={columns.length + 2 + i}
            fridgeL={fridgeL}
            rowsForAll={paper ? 4 : 2}
          />
        ))}
        {nowRow >= 0 && !paper && (
          <div
            className="pointer-events-none relative z-20 border-t-2 border-accent"
            style={{ ...lines(nowRow, nowRow + 1), gridColumn: "1 / -1" }}
          >
            <span className="absolute -translate-y-full bg-accent px-1 text-sm font-semibold text-accent-content">
              {words.now(units.clock(nowMs, timeZone))}
            </span>
          </div>
        )}
      </div>
    </div>
  );
}

const LOAD_NAME: Record<string, string> = words.loadName;

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
      {table && <b className="block text-sm">{words.theTable}</b>}
    </div>
  );
}

function sayFold({ fromMs, toMs, nights }: Extract<ScoreRow, { kind: "fold" }>): string {
  const hours = duration(Math.round((toMs - fromMs) / HOUR_MS));
  return nights === 0 ? hours : `${hours}, ${words.oneNight(nights)}`;
}

interface StripProps {
  load: Load;
  column: number;
  fridgeL: number;
  /** Rows that have room for all its words; fewer have it for the figure alone. */
  rowsForAll: number;
}

/** What is in use, as strips: litres of the fridge, the oven's heats, hands. */
function Strip({ load, column, fridgeL, rowsForAll }: StripProps) {
  const told = useTold();
  return load.spans.map(({ from, to, amount, ovenC }) => {
    const litres = told(`${fixed(amount, 0)} L`);
    const text =
      load.id === "fridge"
        ? words.usedOfRoom(litres, told(`${fridgeL} L`))
        : ovenC !== undefined
          ? told(`${ovenC} °C`)
          : String(amount);
    const short = load.id === "fridge" ? litres : text;
    const look =
      load.id === "fridge"
        ? "bg-primary text-primary-content"
        : ovenC !== undefined
          ? "bg-accent text-accent-content"
          : "bg-[var(--iron)] text-base-100";
    return (
      <div
        key={from}
        className={`mx-2 mb-1 flex justify-center overflow-hidden text-sm whitespace-nowrap ${to - from > 1 ? "py-1" : ""} ${look}`}
        style={{ ...lines(from, to), gridColumn: column, writingMode: "vertical-rl", contain: "size" }}
        title={text}
      >
        {to - from >= rowsForAll ? text : short}
      </div>
    );
  });
}
