/**
 * Random sittings of 6 to 12 tasks, each solved to its optimum by HiGHS (a mixed-integer optimiser from the registry), as the
 * fixture the planner is held against: `npm run planner-cases`. Only run when the planner's problem or cost changes.
 */
import { writeFileSync } from "node:fs";
import path from "node:path";
import highsLoader from "highs";
import { seeded } from "@/core/instruments/random";
import { CROWDED_MIN, POINTS } from "@/core/schedule/cost";
import { heatsClash, type Link, type Problem, type Task } from "@/core/schedule/model";

const CASES = 40;
const OUT = path.join(import.meta.dirname, "../src/core/schedule/optimal-cases.json");

/** Three or four dishes: made ready, soaked or straight into the oven, basted, brought to the table. */
function drawn(seed: number): Problem {
  const draw = seeded(seed);
  const between = (low: number, high: number) => low + Math.floor(draw() * (high - low + 1));
  const tableMin = between(420, 600);
  const tasks: Task[] = [];
  const links: Link[] = [];
  const dishes = between(2, 4);
  const add = (dish: number, id: string, minutes: number, part: Partial<Task> = {}) => {
    const handsOn = part.handsOn ?? false;
    tasks.push({
      id: `d${dish}${id}`,
      dishId: `d${dish}`,
      title: id,
      minMin: minutes,
      preferMin: minutes,
      maxMin: minutes,
      ...part,
      handsOn,
      uses: [...(part.uses ?? []), ...(handsOn ? [{ resourceId: "hands", amount: 1 }] : [])],
    });
    return `d${dish}${id}`;
  };
  const follow = (before: string, after: string, minMin: number, maxMin: number, wantedMin?: number) =>
    links.push({
      before,
      from: "end",
      after,
      to: "start",
      minMin,
      maxMin,
      ...(wantedMin !== undefined && { wantedMin }),
    });
  for (let d = 0; d < dishes && tasks.length < 10; d++) {
    const ready = add(d, "ready", between(10, 30), { handsOn: true });
    let last = ready;
    if (draw() < 0.5) {
      const prefer = between(90, 200);
      last = add(d, "soak", prefer, {
        minMin: Math.round(prefer * 0.6),
        maxMin: Math.round(prefer * 1.8),
        uses: [{ resourceId: "fridge", amount: between(4, 8) }],
      });
      follow(ready, last, 0, 5);
    }
    const bake = add(d, "bake", between(25, 80), {
      uses: [{ resourceId: "oven", amount: 1, ovenC: draw() < 0.5 ? 180 : 220 }],
      hot: true,
    });
    follow(last, bake, 0, 60);
    const serve = add(d, "serve", between(5, 10), {
      handsOn: true,
      fromMin: tableMin - 45,
      untilMin: tableMin,
    });
    follow(bake, serve, 0, 30);
    if (draw() < 0.4 && tasks.length < 12) {
      const baste = add(d, "baste", 2, { handsOn: true });
      links.push({
        before: bake,
        from: "start",
        after: baste,
        to: "start",
        minMin: 6,
        maxMin: 20,
        wantedMin: 12,
      });
    }
  }
  const shut = between(60, 200);
  return {
    tasks,
    links,
    resources: [
      { id: "hands", name: "hands", kind: "hands", capacity: 1 },
      { id: "oven", name: "oven", kind: "oven", capacity: 2 },
      { id: "fridge", name: "fridge", kind: "fridge", capacity: 12 },
    ],
    closed: [{ fromMin: shut, toMin: shut + between(40, 120), demand: "quiet" }],
    unloved: [{ fromMin: 0, toMin: between(20, 60) }],
    tableMin,
    horizonMin: tableMin,
  };
}

/** The problem as a mixed-integer program in CPLEX LP text. */
function lpOf(p: Problem): string {
  const M = p.horizonMin + 100;
  const rows: string[] = [];
  const objective: string[] = [];
  const binaries: string[] = [];
  const bounds: string[] = [];
  const s = (i: number) => `from${i}`;
  const e = (i: number) => `till${i}`;
  const index = new Map(p.tasks.map((t, i) => [t.id, i]));
  const row = (text: string) => rows.push(` r${rows.length}: ${text}`);
  const binary = (name: string) => (binaries.push(name), name);
  p.tasks.forEach((t, i) => {
    row(`${e(i)} - ${s(i)} >= ${t.minMin}`);
    row(`${e(i)} - ${s(i)} <= ${t.maxMin}`);
    bounds.push(` ${t.fromMin ?? 0} <= ${s(i)} <= ${p.horizonMin}`);
    bounds.push(` 0 <= ${e(i)} <= ${Math.min(p.horizonMin, t.untilMin ?? Infinity)}`);
    if (t.hot) {
      row(`w${i} + ${e(i)} >= ${p.tableMin}`);
      objective.push(`${POINTS.hotWaitPerMin} w${i}`);
    }
    if (t.maxMin > t.minMin) {
      row(`p${i} - ${e(i)} + ${s(i)} >= ${-t.preferMin}`);
      row(`p${i} + ${e(i)} - ${s(i)} >= ${t.preferMin}`);
      objective.push(`${POINTS.offPreferPerHour / 60} p${i}`);
    }
    if (!t.handsOn) return;
    p.closed.forEach((c, k) => {
      const b = binary(`c${i}_${k}`);
      row(`${e(i)} - ${M} ${b} <= ${c.fromMin}`);
      row(`${s(i)} - ${M} ${b} >= ${c.toMin - M}`);
    });
    p.unloved.forEach((u, k) => {
      const [b, no] = [binary(`u${i}_${k}`), binary(`v${i}_${k}`)];
      // no = 1: over before it; b = 1: it lies in it and is paid for; neither: after it.
      row(`${e(i)} + ${M} ${no} <= ${u.fromMin + M}`);
      row(`${s(i)} + ${M} ${no} + ${M} ${b} >= ${u.toMin}`);
      objective.push(`${POINTS.unlovedAct} ${b}`);
    });
  });
  p.links.forEach((l, k) => {
    const a = (l.from === "start" ? s : e)(index.get(l.before) ?? 0);
    const b = (l.to === "start" ? s : e)(index.get(l.after) ?? 0);
    row(`${b} - ${a} >= ${l.minMin}`);
    if (l.maxMin !== undefined) row(`${b} - ${a} <= ${l.maxMin}`);
    if (l.wantedMin === undefined) return;
    row(`l${k} - ${b} + ${a} >= ${-l.wantedMin}`);
    row(`l${k} + ${b} - ${a} >= ${l.wantedMin}`);
    objective.push(`${POINTS.offWantedPerMin} l${k}`);
  });
  const before = new Map<string, string>();
  const ordered = (i: number, j: number) => {
    const key = `${i}_${j}`;
    const known = before.get(key);
    if (known) return known;
    const b = binary(`o${key}`);
    before.set(key, b);
    row(`${s(j)} - ${e(i)} - ${M} ${b} >= ${-M}`);
    return b;
  };
  for (const resource of p.resources) {
    const users = p.tasks.flatMap((t, i) => {
      const use = t.uses.find((u) => u.resourceId === resource.id);
      return use ? [{ i, use }] : [];
    });
    for (const set of subsets(users)) {
      const amount = set.reduce((sum, u) => sum + u.use.amount, 0);
      const clash = set.length === 2 && resource.kind === "oven" && heatsClash(set[0].use, set[1].use);
      const over = amount > resource.capacity && set.every((u) => amount - u.use.amount <= resource.capacity);
      if (!clash && !over) continue;
      const pairs = set.flatMap((a) => set.flatMap((b) => (a === b ? [] : [ordered(a.i, b.i)])));
      row(`${pairs.join(" + ")} >= 1`);
    }
  }
  const hands = p.tasks.flatMap((t, i) => (t.handsOn ? [i] : []));
  for (const i of hands)
    for (const j of hands) {
      if (i >= j || p.tasks[i].dishId === p.tasks[j].dishId) continue;
      const [c, a, b] = [binary(`k${i}_${j}`), binary(`g${i}_${j}`), binary(`g${j}_${i}`)];
      row(`${s(j)} - ${e(i)} - ${M} ${a} >= ${CROWDED_MIN - M}`);
      row(`${s(i)} - ${e(j)} - ${M} ${b} >= ${CROWDED_MIN - M}`);
      row(`${c} + ${a} + ${b} >= 1`);
      objective.push(`${POINTS.crowdedPair} ${c}`);
    }
  const general = p.tasks.flatMap((_, i) => [s(i), e(i)]);
  return [
    "Minimize",
    ` obj: ${objective.join(" + ") || "0 from0"}`,
    "Subject To",
    ...rows,
    "Bounds",
    ...bounds,
    "General",
    ` ${general.join(" ")}`,
    "Binary",
    ` ${binaries.join(" ")}`,
    "End",
  ].join("\n");
}

function subsets<T>(all: readonly T[]): T[][] {
  const pairs = all.flatMap((a, i) => all.slice(i + 1).map((b) => [a, b]));
  const triples = all.flatMap((a, i) =>
    all.slice(i + 1).flatMap((b, j) => all.slice(i + j + 2).map((c) => [a, b, c])),
  );
  return [...pairs, ...triples];
}

async function main(): Promise<void> {
  const cases: { seed: number; cost: number | null; problem: Problem }[] = [];
  for (let seed = 1; cases.length < CASES; seed++) {
    const problem = drawn(seed);
    if (problem.tasks.length < 6 || problem.tasks.length > 12) continue;
    // A loader of its own each time: the optimiser keeps memory between models.
    const highs = await highsLoader();
    // Without presolve: with it this build calls some feasible models infeasible.
    const found = highs.solve(lpOf(problem), { time_limit: 60, mip_rel_gap: 0, presolve: "off" });
    if (found.Status !== "Optimal" && found.Status !== "Infeasible") {
      console.log(`seed ${seed}: ${found.Status}, left out`);
      continue;
    }
    const cost = found.Status === "Optimal" ? Number(found.ObjectiveValue.toFixed(6)) : null;
    console.log(`seed ${seed}: ${problem.tasks.length} tasks, ${cost ?? "no plan"}`);
    cases.push({ seed, cost, problem });
  }
  writeFileSync(
    OUT,
    `${JSON.stringify({ madeWith: "HiGHS by the npm package highs 1.15.3, to the proven optimum", cases })}\n`,
  );
}

void main();
