/**
 * How Stryker has the tests of the core run: in one process, the rooms evaluated anew for every mutant (ten milliseconds),
 * only the tests that came by the mutant in the first run: those of its own file first, then of its folder, the quickest first.
 */
import { INSTRUMENTER_CONSTANTS as WORDS, type MutantCoverage } from "@stryker-mutator/api/core";
import { declareFactoryPlugin, PluginKind } from "@stryker-mutator/api/plugin";
import {
  determineHitLimitReached,
  DryRunStatus,
  MutantRunStatus,
  TestStatus,
  type DryRunResult,
  type MutantRunOptions,
  type MutantRunResult,
  type TestResult,
  type TestRunner,
} from "@stryker-mutator/api/test-runner";
import { readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { gathered, type Suite } from "./gathered.mjs";
import type { Case } from "./suite.mjs";

/** A test this slow, ms, is a walk and not a sharp one: it is left out, and what only it would notice counts as unnoticed. */
const SLOWEST_MS = 350;

/** What a file works out before its first test serves all of them, and may take longer, ms. */
const SLOWEST_START_MS = 1_000;

/** The tests a mutant may take, ms as they took unchanged: what none of these notices counts as unnoticed. */
const MOST_MS = 3_000;

/** How long each test took unchanged, beside the copy that holds the mutants: one process measures, all go by it. */
const TOOK = "took.json";

interface World {
  activeMutant?: string | undefined;
  currentTestId?: string | undefined;
  hitCount?: number | undefined;
  hitLimit?: number | undefined;
  mutantCoverage?: MutantCoverage;
}

const world = ((globalThis as unknown as Record<string, World>)[WORDS.NAMESPACE] ??= {});

const cpuMs = (from: NodeJS.CpuUsage): number => {
  const { user, system } = process.cpuUsage(from);
  return (user + system) / 1000;
};

/** What a file does while it declares its tests is one test of its own. */
const declaring = (file: string): string => `${file} › declared`;

const told = (error: unknown): string =>
  error instanceof Error ? `${error.name}: ${error.message}`.slice(0, 500) : String(error);

class Rooms implements TestRunner {
  private fresh!: () => Suite;
  private took = new Map<string, number>();

  capabilities() {
    return { reloadEnvironment: true };
  }

  async init() {
    this.fresh = await gathered(process.cwd());
  }

  async dryRun(): Promise<DryRunResult> {
    const tests: TestResult[] = [];
    const timed = async (id: string, file: string, run: () => void | Promise<void>) => {
      world.currentTestId = id;
      // Of the processor, not of the clock: what else the machine does is no test's slowness.
      const from = process.cpuUsage();
      const result = { id, name: id, fileName: path.resolve(file) };
      try {
        await run();
        tests.push({ ...result, status: TestStatus.Success, timeSpentMs: cpuMs(from) });
      } catch (error) {
        tests.push({ ...result, status: TestStatus.Failed, timeSpentMs: 0, failureMessage: told(error) });
      }
      world.currentTestId = undefined;
    };
    for (const file of this.fresh().files) {
      const suite = this.fresh();
      suite.rooms();
      let cases: Case[] = [];
      await timed(declaring(file), file, () => void (cases = suite.declare(file)));
      for (const it of cases) await timed(it.id, file, it.run);
    }
    writeFileSync(TOOK, JSON.stringify(tests.map(({ id, timeSpentMs }) => [id, timeSpentMs])));
    return {
      status: DryRunStatus.Complete,
      tests,
      ...(world.mutantCoverage && { mutantCoverage: world.mutantCoverage }),
    };
  }

  async mutantRun(asked: MutantRunOptions): Promise<MutantRunResult> {
    world.activeMutant = asked.activeMutant.id;
    world.hitLimit = asked.hitLimit;
    world.hitCount = asked.hitLimit === undefined ? undefined : 0;
    if (this.took.size === 0)
      this.took = new Map(JSON.parse(readFileSync(TOOK, "utf8")) as [string, number][]);
    const ran = { count: 0 };
    try {
      await this.hold(asked, ran);
      return { status: MutantRunStatus.Survived, nrOfTests: ran.count };
    } catch (error) {
      const stopped = determineHitLimitReached(world.hitCount, world.hitLimit);
      if (stopped) return { ...stopped, status: MutantRunStatus.Timeout };
      const by = error instanceof Noticed ? error.by : "rooms";
      return {
        status: MutantRunStatus.Killed,
        killedBy: [by],
        failureMessage: told(error),
        nrOfTests: ran.count,
      };
    } finally {
      world.activeMutant = undefined;
      world.hitLimit = world.hitCount = undefined;
    }
  }

  /** Runs the tests that could notice. @throws Noticed at the first that does */
  private async hold(
    { testFilter, sandboxFileName }: MutantRunOptions,
    ran: { count: number },
  ): Promise<void> {
    const wanted = testFilter && new Set(testFilter);
    const home = path.relative(process.cwd(), sandboxFileName);
    const suite = this.fresh();
    suite.rooms();
    let left = MOST_MS;
    const may = (id: string, slowestMs = SLOWEST_MS): boolean => {
      const took = this.took.get(id) ?? 0;
      if (took > slowestMs) return false;
      left -= took;
      return left >= 0;
    };
    for (const files of nearestFirst(suite.files, home)) {
      const cases: { it: Case; took: number }[] = [];
      for (const file of files) {
        const all = !wanted || wanted.has(declaring(file));
        if (!all && ![...wanted].some((id) => id.startsWith(`${file} ›`))) continue;
        if (!may(declaring(file), SLOWEST_START_MS)) continue;
        try {
          for (const it of suite.declare(file))
            if (all || wanted.has(it.id)) cases.push({ it, took: this.took.get(it.id) ?? 0 });
        } catch (error) {
          throw new Noticed(declaring(file), error);
        }
      }
      for (const { it } of cases.sort((a, b) => a.took - b.took)) {
        if (!may(it.id)) break;
        ran.count += 1;
        try {
          await it.run();
        } catch (error) {
          throw new Noticed(it.id, error);
        }
      }
    }
  }
}

/** A test said no. */
class Noticed extends Error {
  constructor(
    readonly by: string,
    cause: unknown,
  ) {
    super(told(cause));
  }
}

/** Files of tests by how near they stand to the mutant's: its own first, then by how many folders they share with it. */
function nearestFirst(files: readonly string[], home: string): string[][] {
  const own = home.replace(/\.ts$/, ".test.ts");
  const shared = (file: string): number => {
    if (file === own) return Infinity;
    const there = path.dirname(file).split("/");
    const here = path.dirname(home).split("/");
    const apart = there.findIndex((part, i) => part !== here[i]);
    return apart === -1 ? there.length : apart;
  };
  const near = new Map<number, string[]>();
  for (const file of files) near.set(shared(file), [...(near.get(shared(file)) ?? []), file]);
  return [...near].sort(([a], [b]) => b - a).map(([, group]) => group);
}

export const strykerPlugins = [
  declareFactoryPlugin(
    PluginKind.TestRunner,
    "rooms",
    Object.assign(() => new Rooms(), { inject: [] as const }),
  ),
];
