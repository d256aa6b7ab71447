import { resourceDemand, type Problem } from "./model";
import { search } from "./search";

/** Every demand that could be let go: windows and links that name one, closed hours, resources. */
export function demandsOf(problem: Problem): string[] {
  const all = new Set<string>();
  for (const { demand } of [...(problem.pins ?? []), ...problem.tasks, ...problem.links, ...problem.closed])
    if (demand !== undefined) all.add(demand);
  for (const { id } of problem.resources) all.add(resourceDemand(id));
  return [...all];
}

export interface Clash {
  /** The smallest set found: without any one of them there is a plan (each was tried). */
  demands: string[];
  /** Some answers were "unsure" within the budget and were taken as no. */
  unsure: boolean;
}

const CLASH_BUDGET = 150;
/** So many that have nothing to do with one another are told; then it is a muddle. */
const CLASHES_MOST = 3;

/** Clashes that have nothing to do with one another: each is there though all the others' demands are let go. */
export function clashesOf(problem: Problem, budget = CLASH_BUDGET): Clash[] {
  const clashes: Clash[] = [];
  while (clashes.length < CLASHES_MOST) {
    const found = clashOf(
      problem,
      budget,
      clashes.flatMap((c) => c.demands),
    );
    if (!found || found.demands.length === 0) break;
    clashes.push(found);
  }
  return clashes;
}

/**
 * The demands that clash: a set that cannot be had together, though it can without any one of its members. By deletion:
 * each demand is let go in turn, and stays gone where the rest still clash.
 * @param letGo demands that do not count
 * @returns undefined where the problem is no clash, or clashes by its own nature (a task longer than the horizon)
 */
export function clashOf(
  problem: Problem,
  budget = CLASH_BUDGET,
  letGo: readonly string[] = [],
): Clash | undefined {
  let unsure = false;
  const clashes = (without: ReadonlySet<string>): boolean => {
    const { status } = search(problem, { without, budget });
    if (status === "unsure") unsure = true;
    return status !== "found";
  };
  const all = demandsOf(problem).filter((d) => !letGo.includes(d));
  if (!clashes(new Set(letGo)) || clashes(new Set([...letGo, ...all]))) return undefined;
  const gone = new Set<string>(letGo);
  for (const demand of all) {
    gone.add(demand);
    if (!clashes(gone)) gone.delete(demand);
  }
  return { demands: all.filter((d) => !gone.has(d)), unsure };
}
