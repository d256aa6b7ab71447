import { expose } from "comlink";
import { compareSoaks, type SoakCurve } from "@/core/formula/compare";
import { ensembleSteps, sensitivities, type Sensitivity } from "@/core/formula/ensemble";
import { formulate } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formula/model";
import { rescues, type Rescue } from "@/core/formula/rescue";
import { solve, type Answer, type Question } from "@/core/formula/solve";
import type { SoakLoad } from "@/core/formula/soak-problem";
import type { SoakWindow } from "@/core/formula/window";
import { waysFor, type Way } from "@/core/ways/ways";

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

function loadOf(input: Formulation, rate: KnownRate): SoakLoad | undefined {
  const sheet = formulate(input, { rateFactor: rate.factor });
  return sheet.ok ? sheet.value.load : undefined;
}

const whatIf = {
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
    for (let turn = steps.next(); ; turn = steps.next()) {
      if (turn.done) return { window: turn.value.window, sensitivities: sensitivities(input, load) };
      onProgress(turn.value);
      await breathe();
      if (mine !== newest) return undefined;
    }
  },

  /** Stops the ensemble that is running. */
  cancel(): void {
    newest++;
  },

  solve(input: Formulation, rate: KnownRate, question: Question): Answer | undefined {
    const load = loadOf(input, rate);
    return load && solve(input, load, question);
  },

  ways(input: Formulation, hours: number, rate: KnownRate): Way[] {
    return waysFor(input, hours, { rateFactor: rate.factor });
  },

  rescues(input: Formulation, rate: KnownRate, nowH: number, untilH: number): Rescue[] {
    const load = loadOf(input, rate);
    return load ? rescues(input, load, nowH, untilH) : [];
  },

  compare(inputs: readonly Formulation[], rate: KnownRate): (SoakCurve | undefined)[] {
    return compareSoaks(inputs, rate.factor);
  },
};

export type WhatIfWorker = typeof whatIf;

expose(whatIf);
