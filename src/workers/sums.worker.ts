import { expose } from "comlink";
import { plateOf, type PlateShares } from "@/core/bench/plate";
import { soakKey } from "@/core/bench/soak-key";
import { workOut, type Asked, type Refused, type WorkedOut } from "@/core/bench/worked";
import { soakCurve, type SoakCurve } from "@/core/formula/change/compare";
import { rescues, type Rescue } from "@/core/formula/change/rescue";
import { weighOut } from "@/core/formula/formulate";
import { ensembleSteps, sensitivities, type Sensitivity } from "@/core/formula/soak/ensemble";
import { hoursAfter, type After, type AfterAnswer } from "@/core/formula/soak/rinse-or-rest";
import type { SoakLoad } from "@/core/formula/soak/soak-problem";
import type { SoakWindow } from "@/core/formula/soak/window";
import type { Poured } from "@/core/formula/weigh/as-poured";
import type { Formulation } from "@/core/formulation";
import { solveThird, type Third, type ThirdAnswer } from "@/core/ways/third";
import type { Way } from "@/core/ways/way";
import { waysSteps } from "@/core/ways/ways";

/** What is known of the food's rate beyond the table. */
export interface KnownRate {
  factor: number;
  doubt?: number;
}

export interface Softened {
  window: SoakWindow;
  sensitivities: Sensitivity[];
}

/** Lets messages in between two turns of work: a newer request is then seen, and the older one stops. */
const breathe = () => new Promise<void>((done) => setTimeout(done));

let newest = 0;
let newestWays = 0;
/** The ways are read before the window's soft edges: those are worked out when these stand. */
let waysThere: Promise<unknown> = Promise.resolve();

async function workOutWays(...asked: Parameters<typeof waysSteps>): Promise<Way[] | undefined> {
  const mine = ++newestWays;
  const steps = waysSteps(...asked);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    await breathe();
    if (mine !== newestWays) return undefined;
  }
}

function loadOf(input: Formulation, rate: KnownRate, poured?: Poured): SoakLoad | undefined {
  const weighed = weighOut(input, { rateFactor: rate.factor, poured });
  return weighed.ok ? weighed.value.load : undefined;
}

/** The sheet is left out where the page has it: a pull that is dragged asks for its outcome alone. */
export type Answered = (Omit<WorkedOut, "sheet"> & { sheet?: WorkedOut["sheet"] }) | Refused;

const sums = {
  /** @param has the soak whose sheet the page holds */
  workOut(asked: Asked, has: string | undefined): Answered {
    const answer = workOut(asked);
    if (!answer.ok || has !== soakKey(asked.input, asked.rateFactor, asked.poured)) return answer;
    const rest: Answered & { sheet?: unknown } = { ...answer };
    delete rest.sheet;
    return rest;
  },

  plate(input: Formulation, rateFactor: number): PlateShares | undefined {
    return plateOf(input, rateFactor);
  },

  third(input: Formulation, which: Third, rateFactor: number): ThirdAnswer {
    return solveThird(input, which, { rateFactor });
  },

  /** The window's soft edges by the ensemble; undefined when a newer request has come, or the sums refuse. */
  async soften(
    input: Formulation,
    rate: KnownRate,
    onProgress: (share: number) => void,
  ): Promise<Softened | undefined> {
    const mine = ++newest;
    const load = loadOf(input, rate);
    if (!load) return undefined;
    const steps = ensembleSteps(input, load, { rateDoubt: rate.doubt });
    for (;;) {
      await waysThere;
      if (mine !== newest) return undefined;
      const turn = steps.next();
      if (turn.done) return { window: turn.value.window, sensitivities: sensitivities(input, load) };
      onProgress(turn.value);
      await breathe();
    }
  },

  /** Stops the ensemble that is running. */
  cancel(): void {
    newest++;
  },

  after(input: Formulation, rate: KnownRate, after: After): AfterAnswer | undefined {
    const load = loadOf(input, rate);
    return load && hoursAfter(input, load, after);
  },

  /** Undefined when they are asked for anew before they are done. */
  ways(
    input: Formulation,
    hours: number,
    rate: KnownRate,
    part: { at: number; of: number },
  ): Promise<Way[] | undefined> {
    const ways = workOutWays(input, hours, { rateFactor: rate.factor, part });
    waysThere = ways.catch(() => undefined);
    return ways;
  },

  rescues(
    input: Formulation,
    rate: KnownRate,
    at: { nowH: number; untilH: number },
    poured: Poured | undefined,
  ): Rescue[] {
    const { nowH, untilH } = at;
    const load = loadOf(input, rate, poured);
    return load ? rescues(input, load, nowH, untilH) : [];
  },

  curve(input: Formulation, rate: KnownRate): SoakCurve | undefined {
    return soakCurve(input, rate.factor);
  },
};

export type SumsWorker = typeof sums;

expose(sums);
