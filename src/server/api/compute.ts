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
import { requestOf } from "@/contracts/sitting";
import { snapshotOf } from "@/contracts/sheet";
import { chillBrine } from "@/core/formula/chill-brine";
import { formulate, type Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formula/model";
import { outcomeAt } from "@/core/formula/outcome";
import { programOf } from "@/core/program/program";
import { findingsFor } from "@/core/safety/findings";
import { answerSitting } from "@/core/schedule/answer";
import { Refusal, refusalFromIssues } from "../problem";
import { brineAsked, crustAsked, marinadeAsked, rubAsked } from "./asked";

/** One thing the sums can be asked: its request and answer by contract, and how it is worked out. */
export interface Compute {
  summary: string;
  request: z.ZodType;
  response: z.ZodType;
  run: (request: unknown, nowMs: number) => unknown;
}

function compute<Q extends z.ZodType, A extends z.ZodType>(
  summary: string,
  request: Q,
  response: A,
  run: (request: z.infer<Q>, nowMs: number) => z.infer<A>,
): Compute {
  return {
    summary,
    request,
    response,
    run: (raw, nowMs) => {
      const read = request.safeParse(raw);
      if (!read.success) throw refusalFromIssues(read.error);
      return run(read.data, nowMs);
    },
  };
}

const COLD_LIMIT_C = 4;

/** Everything that is worked out for others; the names are the last part of the path. */
export const COMPUTE = {
  brine: compute("A wet or dry brine, or a short cure", brineRequest, sheetAnswer, (asked) =>
    sheetOf(brineAsked(asked)),
  ),
  marinade: compute("A marinade or paste", marinadeRequest, sheetAnswer, (asked) =>
    sheetOf(marinadeAsked(asked)),
  ),
  rub: compute("A rub", rubRequest, sheetAnswer, (asked) => sheetOf(rubAsked(asked))),
  crust: compute("A salt crust", crustRequest, sheetAnswer, (asked) => sheetOf(crustAsked(asked))),
  soak: compute("How far the salt is, hour by hour", soakRequest, soakAnswer, ({ of, atHours }) => {
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
  }),
  program: compute(
    "The work of a dish, step by step, with every figure it needs",
    programRequest,
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
  chill: compute("Hot water and ice for a brine", chillRequest, chillAnswer, (asked) => {
    if ((asked.iceG ?? 0) >= asked.waterG)
      throw new Refusal(
        422,
        "More ice than water",
        "iceG: the ice is part of the water; it must be less than waterG.",
      );
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
  }),
  plan: compute("A sitting, planned back from the table", planRequest, planAnswer, (asked, nowMs) => {
    const request = requestOf({ body: asked.sitting, timeZone: asked.timeZone, running: [] });
    const answer = answerSitting(request, asked.nowMs ?? nowMs);
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
  }),
} satisfies Record<string, Compute>;

export type ComputeName = keyof typeof COMPUTE;
export const isComputeName = (name: string): name is ComputeName => Object.hasOwn(COMPUTE, name);

function worked(formulation: Formulation): Formulated {
  const sheet = formulate(formulation);
  if (!sheet.ok)
    throw new Refusal(422, "The sums do not work out", `formulation: ${JSON.stringify(sheet.error)}`);
  return sheet.value;
}

function sheetOf(formulation: Formulation): z.infer<typeof sheetAnswer> {
  const sheet = worked(formulation);
  const atPull = outcomeAt(sheet, formulation.pullH, formulation.portions);
  return {
    formulation,
    sheet: snapshotOf(sheet, atPull),
    findings: findingsFor({ input: formulation, sheet, atPull }).map(
      ({ id, severity, title, instead, source }) => ({ id, severity, title, instead, source }),
    ),
  };
}
