import { z } from "zod";
import {
  brineRequest,
  chillAnswer,
  chillRequest,
  crustRequest,
  marinadeRequest,
  planAnswer,
  planRequest,
  programAnswer,
  programRequest,
  rubRequest,
  sheetAnswer,
  soakAnswer,
  soakRequest,
} from "@/contracts/compute";
import { snapshotOf } from "@/contracts/sheet";
import { requestOf } from "@/contracts/sitting-request";
import type { BatchView } from "@/contracts/views";
import { outcomeAt } from "@/core/formula/account/outcome";
import { formulate, type Formulated } from "@/core/formula/formulate";
import { chillBrine } from "@/core/formula/weigh/chill-brine";
import type { Formulation } from "@/core/formulation";
import { COLD_LIMIT_C } from "@/core/materials/official";
import { programOf } from "@/core/program/program";
import { findingsFor } from "@/core/safety/findings";
import type { KitchenLimits } from "@/core/safety/limits";
import { answerSitting, type Answer } from "@/core/schedule/answer";
import { Refusal, refusalFromIssues } from "../problem";
import { brineAsked, crustAsked, marinadeAsked, rubAsked } from "./asked";
import { EXAMPLE_INSTANT_MS, EXAMPLE_SITTING } from "./examples";
import * as words from "@/words/server/api/compute";

/** One thing the sums can be asked: its request and answer by contract, and how it is worked out. */
export interface Compute {
  summary: string;
  request: z.ZodType;
  /** A request that is right as it stands. */
  example: unknown;
  response: z.ZodType;
  run: (request: unknown, nowMs: number) => unknown;
}

function compute<Q extends z.ZodType, A extends z.ZodType>(
  summary: string,
  request: Q,
  example: z.input<Q>,
  response: A,
  run: (request: z.infer<Q>, nowMs: number) => z.infer<A>,
): Compute {
  return {
    summary,
    request,
    example,
    response,
    run: (raw, nowMs) => {
      const read = request.safeParse(raw);
      if (!read.success) throw refusalFromIssues(read.error);
      return run(read.data, nowMs);
    },
  };
}

const DUCK = { food: "duck_leg", massG: 1200, count: 4, as: "dry", hours: 24, targetPercent: 1.4 } as const;
const LAMB = {
  food: "lamb_shoulder_butterflied",
  massG: 1800,
  hours: 12,
  lines: [{ ingredient: "buttermilk", gPerKg: 300 }],
};
const RIBS = { food: "beef_short_rib", massG: 2400, count: 6, surface: "moist" } as const;
const CELERIAC = { food: "celeriac", massG: 900, school: "water" } as const;
const MACKEREL = {
  food: "mackerel_fillet",
  massG: 800,
  count: 8,
  as: "timed",
  strengthPercent: 6,
} as const;
const PLAN = { sitting: EXAMPLE_SITTING, timeZone: "Europe/London", nowMs: EXAMPLE_INSTANT_MS };

/** Everything that is worked out for others; the names are the last part of the path. */
export const COMPUTE = {
  brine: compute("A wet or dry brine, or a short cure", brineRequest, DUCK, sheetAnswer, (asked) =>
    sheetOf(brineAsked(asked)),
  ),
  marinade: compute("A marinade or paste", marinadeRequest, LAMB, sheetAnswer, (asked) =>
    sheetOf(marinadeAsked(asked)),
  ),
  rub: compute("A rub", rubRequest, RIBS, sheetAnswer, (asked) => sheetOf(rubAsked(asked))),
  crust: compute("A salt crust", crustRequest, CELERIAC, sheetAnswer, (asked) => sheetOf(crustAsked(asked))),
  soak: compute(
    "How far the salt is, hour by hour",
    soakRequest,
    { of: MACKEREL, atHours: [0.25, 0.5, 1] },
    soakAnswer,
    ({ of, atHours }) => {
      const formulation = brineAsked(of);
      const sheet = worked(formulation);
      const { ready, past } = sheet.soak.window;
      return {
        ready,
        past,
        at: atHours.map((hours) => {
          const o = outcomeAt(sheet, hours, formulation.portions);
          return {
            hours,
            meanFraction: o.meanFraction,
            surfaceFraction: o.surfaceFraction,
            centreFraction: o.centreFraction,
            toHeat: o.toHeat,
            ...(o.bathFraction !== undefined && { bathFraction: o.bathFraction }),
          };
        }),
      };
    },
  ),
  program: compute(
    "The work of a dish, step by step, with every figure it needs",
    programRequest,
    { of: MACKEREL },
    programAnswer,
    ({ of, soakHours }) => {
      const formulation = brineAsked(of);
      const { soakH, ...program } = programOf(
        formulation,
        worked(formulation),
        soakHours === undefined ? {} : { soakH: soakHours },
      );
      return { soakHours: soakH, ...program };
    },
  ),
  chill: compute(
    "Hot water and ice for a brine",
    chillRequest,
    { waterG: 3000, saltG: 180 },
    chillAnswer,
    (asked) => {
      if ((asked.iceG ?? 0) >= asked.waterG)
        throw new Refusal(422, words.moreIceThanWater, words.icegTheIceIsPart);
      const saltFraction = asked.saltG / (asked.saltG + asked.waterG);
      const plan = chillBrine({ ...asked, saltFraction });
      return {
        hotWaterG: asked.waterG - plan.iceG,
        iceG: plan.iceG,
        endsAtC: plan.end.temperatureC,
        iceLeftG: plan.end.iceLeftKg * 1000,
        dissolvesHot: plan.dissolvesHot,
        coldEnough: plan.end.temperatureC <= COLD_LIMIT_C,
      };
    },
  ),
  plan: compute("A sitting, planned back from the table", planRequest, PLAN, planAnswer, (asked, nowMs) => {
    const request = requestOf({ body: asked.sitting, timeZone: asked.timeZone, running: [] });
    const answer = answerSitting(request, asked.nowMs ?? nowMs);
    return planTold(answer);
  }),
} satisfies Record<string, Compute>;

export type ComputeName = keyof typeof COMPUTE;
export const isComputeName = (name: string): name is ComputeName => Object.hasOwn(COMPUTE, name);

function worked(formulation: Formulation, rateFactor?: number): Formulated {
  const sheet = formulate(formulation, { rateFactor });
  if (!sheet.ok)
    throw new Refusal(422, words.theSumsDoNotWork, `formulation: ${JSON.stringify(sheet.error)}`, {
      issues: [{ path: "formulation", message: sheet.error.code }],
    });
  return sheet.value;
}

/** A started batch, worked out with its own rate. */
export const workedBatch = (batch: Pick<BatchView, "formulation" | "rate">): Formulated =>
  worked(batch.formulation, batch.rate.factor);

/** What is weighed, how it will be, and what is to be minded. @throws Refusal 422 where the sums do not work out */
export function sheetOf(
  formulation: Formulation,
  here: { kitchen?: KitchenLimits; rateFactor?: number } = {},
): z.infer<typeof sheetAnswer> {
  const sheet = worked(formulation, here.rateFactor);
  const atPull = outcomeAt(sheet, formulation.pullH, formulation.portions);
  return {
    formulation,
    sheet: snapshotOf(sheet, atPull),
    findings: findingsFor({
      input: formulation,
      sheet,
      atPull,
      ...(here.kitchen && { kitchen: here.kitchen }),
    }).map(({ id, severity, title, because, instead, source }) => ({
      id,
      severity,
      title,
      because,
      instead,
      source,
    })),
  };
}

/** A plan as a program is told it. */
export function planTold(answer: Answer): z.infer<typeof planAnswer> {
  switch (answer.status) {
    case "planned":
      return {
        status: answer.status,
        cost: answer.cost,
        tasks: answer.tasks.map(({ id, dishId, title, startMs, endMs, handsOn }) => ({
          id,
          dishId,
          title,
          startMs,
          endMs,
          handsOn,
        })),
      };
    case "clash":
      return { status: answer.status, demands: answer.demands, unsure: answer.unsure };
    case "broken":
      return answer;
  }
}
