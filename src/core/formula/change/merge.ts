import type { Formulation } from "../../formulation";

export interface Merged {
  formulation: Formulation;
  /** Where both changed the same thing to different ends: mine stands. Paths such as "pieces.count". */
  conflicts: string[];
}

type Thing = Record<string, unknown>;

const isThing = (value: unknown): value is Thing =>
  typeof value === "object" && value !== null && !Array.isArray(value);

const same = (a: unknown, b: unknown): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));

const sorted = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(sorted)
    : isThing(value)
      ? Object.fromEntries(
          Object.keys(value)
            .sort()
            .map((key) => [key, sorted(value[key])]),
        )
      : value;

/**
 * Brings two versions together that began from the same one: what only one of them changed is taken, lines by their
 * ingredient. Where both changed the same thing, mine stands and is named.
 */
export function mergeFormulations(base: Formulation, mine: Formulation, theirs: Formulation): Merged {
  const conflicts: string[] = [];
  const formulation = merged(base, mine, theirs, [], conflicts) as Formulation;
  return { formulation, conflicts };
}

function merged(base: unknown, mine: unknown, theirs: unknown, path: string[], conflicts: string[]): unknown {
  if (same(mine, base)) return theirs;
  if (same(theirs, base) || same(mine, theirs)) return mine;
  if (isThing(mine) && isThing(theirs) && isThing(base) && alike(mine, theirs))
    return mergedThings(base, mine, theirs, path, conflicts);
  if (isLines(mine) && isLines(theirs) && isLines(base))
    return mergedLines(base, mine, theirs, path, conflicts);
  conflicts.push(path.join("."));
  return mine;
}

function mergedThings(base: Thing, mine: Thing, theirs: Thing, path: string[], conflicts: string[]): Thing {
  const keys = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])];
  return Object.fromEntries(
    keys.flatMap((key) => {
      const value = merged(base[key], mine[key], theirs[key], [...path, key], conflicts);
      return value === undefined ? [] : [[key, value]];
    }),
  );
}

/** Another kind of preparation is another thing: its fields are not mixed with the first's. */
const KINDS = ["kind", "school", "mode", "basis"];
const alike = (a: Thing, b: Thing): boolean => KINDS.every((key) => a[key] === b[key]);

type Line = Thing & { ingredientId: string };

/** Lines that each name another ingredient: only those can be told apart. */
const isLines = (value: unknown): value is Line[] =>
  Array.isArray(value) &&
  value.every((item) => isThing(item) && typeof item.ingredientId === "string") &&
  new Set(value.map((item: Line) => item.ingredientId)).size === value.length;

function mergedLines(
  base: Line[],
  mine: Line[],
  theirs: Line[],
  path: string[],
  conflicts: string[],
): unknown[] {
  const find = (lines: Line[], id: string) => lines.find((line) => line.ingredientId === id);
  const ids = [...new Set([...theirs, ...mine].map((line) => line.ingredientId))];
  return ids.flatMap((id) => {
    const line = merged(find(base, id), find(mine, id), find(theirs, id), [...path, id], conflicts);
    return line === undefined ? [] : [line];
  });
}
