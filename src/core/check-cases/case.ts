/** One check case as the file holds it. */
export interface CheckCase {
  id: string;
  topic: string;
  sub: string;
  inputs: Record<string, unknown>;
  expected: Nested;
  tolerance: Tolerance & { rule?: string; per_key?: Record<string, Tolerance> };
  source: { kind: string; ref: string };
}

interface Tolerance {
  abs?: number;
  rel?: number;
}

export type Leaf = number | boolean | string;
export interface Nested {
  [key: string]: Leaf | number[] | Nested;
}

/** One compared figure. */
export interface Comparison {
  key: string;
  expected: Leaf;
  got: Leaf | undefined;
  pass: boolean;
}

/** Pass rule: |v − e| ≤ max(abs, rel·|e|); `per_key` overrides; nested figures take their parent key's tolerance. */
export function compare(expected: Nested, got: Nested, tolerance: CheckCase["tolerance"]): Comparison[] {
  return Object.entries(expected).flatMap(([key, value]) =>
    tolerance.rule !== undefined && key.endsWith("_range")
      ? withinRange(key, value as number[], got)
      : compareValue(key, value, got[key], { ...tolerance, ...tolerance.per_key?.[key] }),
  );
}

/** A case that gives a range asks for an answer (or a range) that lies inside it. */
function withinRange(key: string, [low, high]: number[], got: Nested): Comparison[] {
  const answer = got[key] ?? got[key.replace(/_range$/, "")];
  return [answer].flat().map((value) => ({
    key,
    expected: `${low} to ${high}`,
    got: value as Leaf | undefined,
    pass: typeof value === "number" && value >= low - EXACT && value <= high + EXACT,
  }));
}

const EXACT = 1e-9;

function compareValue(key: string, expected: unknown, got: unknown, tolerance: Tolerance): Comparison[] {
  if (typeof expected === "object" && expected !== null) {
    return Object.entries(expected).flatMap(([inner, value]) =>
      compareValue(
        `${key}.${inner}`,
        value,
        (got as Record<string, unknown> | undefined)?.[inner],
        tolerance,
      ),
    );
  }
  const leaf = got as Leaf | undefined;
  const pass =
    typeof expected === "number" && typeof leaf === "number"
      ? Math.abs(leaf - expected) <= Math.max(tolerance.abs ?? 0, (tolerance.rel ?? 0) * Math.abs(expected))
      : leaf === expected;
  return [{ key, expected: expected as Leaf, got: leaf, pass }];
}
