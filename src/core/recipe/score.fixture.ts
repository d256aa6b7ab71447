import type { RecipeReading } from "./summary";

/* Counts how much of what an attentive reader is sure of was read; a key that is left out is not judged. */

type Figure = number | [number, number] | null | undefined;

export interface ExpectedLine {
  text: string;
  role: string;
  acceptable_ids?: string[];
  grams?: number | [number, number];
  optional?: boolean;
  to_taste?: boolean;
  part?: string;
}

export interface Expected {
  food?: { acceptable_ids?: string[]; count?: number; total_g?: number; thickness_mm?: number };
  preparation?: string[];
  lines?: ExpectedLine[];
  method?: {
    soak_h?: number | [number, number];
    soak_place?: string;
    stages?: { oven_C?: number | [number, number]; minutes?: number | [number, number]; cover?: string }[];
    core_C?: number;
    rest_min?: number | [number, number];
    rinse?: boolean;
    portions?: number | [number, number];
  };
  findings?: string[];
  must_not_flag?: string[];
}

const KINDS = ["food", "lines", "grams", "ids", "method", "findings"] as const;
export type Scores = Record<(typeof KINDS)[number], number> & { falseAlarms: number; missed: string[] };

/** The middle of what was read lies within what is expected, and so much more. */
function inside(got: Figure, want: number | [number, number], share = 0, least = 1e-6): boolean {
  if (got === null || got === undefined) return false;
  const [low, high] = Array.isArray(want) ? want : [want, want];
  const middle = Array.isArray(got) ? (got[0] + got[1]) / 2 : got;
  return middle >= low - Math.max(least, share * low) && middle <= high + Math.max(least, share * high);
}
const masses = (got: Figure, want: number | [number, number]): boolean =>
  inside(got, want, 0.1, (Array.isArray(want) ? want[1] : want) < 5 ? 0.5 : 1e-6);

const plain = (text: string): string =>
  text
    .replace(/<[^>]+>/g, " ")
    .replace(/[\W_]+/gu, " ")
    .trim()
    .toLowerCase();

export function scored(all: { id: string; reading: RecipeReading; expected: Expected }[]): Scores {
  const counts = Object.fromEntries(KINDS.map((k) => [k, { met: 0, of: 0 }]));
  const missed: string[] = [];
  let alarms = 0;
  for (const { id, reading, expected } of all) {
    const tick = (kind: (typeof KINDS)[number], met: boolean, what: string) => {
      counts[kind].of++;
      if (met) counts[kind].met++;
      else missed.push(`${id} ${kind}: ${what}`);
    };
    const { food, method = {} } = expected;
    if (food?.acceptable_ids)
      tick("food", food.acceptable_ids.includes(reading.food.id ?? ""), `food ${reading.food.id}`);
    if (food?.count !== undefined)
      tick("food", inside(reading.food.count, food.count), `count ${reading.food.count}`);
    if (food?.total_g !== undefined)
      tick("food", masses(reading.food.total_g, food.total_g), `total ${reading.food.total_g}`);
    if (food?.thickness_mm !== undefined)
      tick("food", inside(reading.food.thickness_mm, food.thickness_mm, 0.05), "thickness");
    if (expected.preparation)
      tick("method", expected.preparation.includes(reading.preparation), reading.preparation);
    const read = [...reading.lines];
    for (const line of expected.lines ?? []) {
      const at = read.findIndex((l) => plain(l.text) === plain(line.text));
      const got = at < 0 ? undefined : read.splice(at, 1)[0];
      if (line.role === "heading" || line.role === "note") {
        tick(
          "lines",
          got === undefined || got.role === "heading" || got.role === "note",
          `“${line.text}” taken for a line`,
        );
        continue;
      }
      tick("lines", got !== undefined && got.role !== "heading", `“${line.text}” not found`);
      if (line.role === "food") continue;
      if (line.acceptable_ids)
        tick("ids", line.acceptable_ids.includes(got?.id ?? ""), `“${line.text}” ${got?.id}`);
      if (line.grams !== undefined)
        tick("grams", masses(got?.grams, line.grams), `“${line.text}” ${got?.grams} g`);
      if (line.optional) tick("ids", got?.optional === true, `“${line.text}” optional`);
      if (line.to_taste) tick("ids", got?.to_taste === true, `“${line.text}” to taste`);
      if (line.part && line.part !== "main")
        tick("ids", got?.part === line.part, `“${line.text}” part ${got?.part}`);
    }
    const m = reading.method;
    if (method.soak_h !== undefined)
      tick("method", inside(m.soak_h, method.soak_h, 0, 0.02), `soak ${String(m.soak_h)}`);
    if (method.core_C !== undefined)
      tick("method", inside(m.core_C, method.core_C, 0, 1), `core ${m.core_C}`);
    if (method.rest_min !== undefined)
      tick("method", inside(m.rest_min, method.rest_min, 0, 0.02), `rest ${String(m.rest_min)}`);
    if (method.portions !== undefined)
      tick("method", inside(m.portions, method.portions), `portions ${m.portions}`);
    if (method.soak_place) tick("method", m.soak_place === method.soak_place, `place ${m.soak_place}`);
    if (method.rinse !== undefined) tick("method", m.rinse === method.rinse, `rinse ${m.rinse}`);
    method.stages?.forEach((stage, i) => {
      const got = m.stages[i];
      if (stage.oven_C !== undefined)
        tick("method", inside(got?.oven_C, stage.oven_C, 0, 1), `stage ${i + 1} oven ${got?.oven_C}`);
      if (stage.minutes !== undefined)
        tick(
          "method",
          inside(got?.minutes, stage.minutes, 0, 0.5),
          `stage ${i + 1} minutes ${String(got?.minutes)}`,
        );
      if (stage.cover) tick("method", got?.cover === stage.cover, `stage ${i + 1} cover ${got?.cover}`);
    });
    for (const code of expected.findings ?? [])
      tick("findings", reading.findings.includes(code), `${code} not found`);
    for (const code of expected.must_not_flag ?? [])
      if (reading.findings.includes(code)) {
        alarms++;
        missed.push(`${id} false alarm: ${code}`);
      }
  }
  const share = ({ met, of }: { met: number; of: number }) => (of === 0 ? 100 : (100 * met) / of);
  return {
    ...(Object.fromEntries(KINDS.map((k) => [k, share(counts[k])])) as Record<
      (typeof KINDS)[number],
      number
    >),
    falseAlarms: alarms / Math.max(1, all.length),
    missed,
  };
}
