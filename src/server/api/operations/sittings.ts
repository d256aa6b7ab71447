import { z } from "zod";
import { planAnswer } from "@/contracts/compute";
import { requestOf } from "@/contracts/sitting-request";
import {
  sittingActRequest,
  sittingBody,
  sittingSave,
  startDishRequest,
  type SittingView,
} from "@/contracts/sitting";
import { actsCsv, calendarOf, plannedNow, sittingFile } from "../../exchange/plan-out";
import { CALENDAR } from "@/contracts/door";
import { databaseFile, type Db } from "../../database";
import { tokenOf, tokensFile } from "../../door/tokens";
import { loadKitchen } from "../../kitchen";
import { calendarOfPlan } from "../../plans";
import { notFound } from "../../problem";
import { knownSitting } from "../../known-names";
import {
  confirmSittingAct,
  createSitting,
  listSittings,
  removeSitting,
  sittingIfPlanned,
  undoSittingAct,
} from "../../sittings";
import { planTold } from "../compute";
import { EXAMPLE_INSTANT_MS, EXAMPLE_SITTING } from "../examples";
import { decimalQuery, FileAnswer, operation } from "../operation";
import { paged, pageQuery } from "../paged";
import { shoppingAnswer, shoppingOf } from "./shopping";
import { heavy } from "../../heavy/pool";
import { savedAndPlanned, sittingPlanned } from "../../planned";

const sittingHead = z.object({
  id: z.string(),
  name: z.string(),
  tableMs: z.number(),
  dishes: z.array(z.string()),
  begun: z.boolean(),
});
const sittingAnswer = z.object({
  id: z.string(),
  revision: z.number(),
  body: sittingBody,
  timeZone: z.string(),
});

const calendarFile = (db: Db, sitting: SittingView, nowMs: number) =>
  new FileAnswer(
    calendarOf(sitting, calendarOfPlan(db, sitting, nowMs), loadKitchen(db).measures),
    "text/calendar",
    `${sitting.body.name}.ics`,
  );

export const SITTING_OPERATIONS = [
  operation({
    id: "listSittings",
    method: "get",
    path: "/sittings",
    summary: "Sittings, the latest table first",
    tag: "sittings",
    query: pageQuery,
    response: z.array(sittingHead),
    run: ({ db, query }) => paged(listSittings(db), query),
  }),
  operation({
    id: "createSitting",
    method: "post",
    path: "/sittings",
    summary: "Lays a sitting down",
    tag: "sittings",
    body: sittingBody,
    example: EXAMPLE_SITTING,
    makes: true,
    response: z.object({ id: z.string(), revision: z.number() }),
    run: ({ db, body, nowMs, keyedId }) => createSitting(db, knownSitting(db, body), nowMs, keyedId),
  }),
  operation({
    id: "loadSitting",
    method: "get",
    path: "/sittings/{id}",
    summary: "A sitting as it is kept",
    tag: "sittings",
    response: sittingAnswer,
    run: ({ db, path, nowMs }) => sittingPlanned(db, path.id, nowMs),
  }),
  operation({
    id: "saveSitting",
    method: "put",
    path: "/sittings/{id}",
    summary: "Saves a sitting; 409 where baseRevision is not the present one",
    tag: "sittings",
    body: sittingSave,
    example: { body: EXAMPLE_SITTING, baseRevision: 1 },
    guards: "loadSitting",
    response: sittingAnswer,
    run: ({ db, path, body, nowMs }) =>
      savedAndPlanned(db, path.id, { ...body, body: knownSitting(db, body.body) }, nowMs),
  }),
  operation({
    id: "removeSitting",
    method: "delete",
    path: "/sittings/{id}",
    summary: "Takes a sitting away; its batches stay",
    tag: "sittings",
    guards: "loadSitting",
    run: ({ db, path, nowMs }) => {
      sittingIfPlanned(db, path.id, nowMs);
      removeSitting(db, path.id);
    },
  }),
  operation({
    id: "sittingPlan",
    method: "get",
    path: "/sittings/{id}/plan",
    summary: "The plan that was decided: every act of every dish, or what clashes",
    tag: "sittings",
    response: planAnswer,
    run: async ({ db, path, nowMs }) => planTold((await sittingPlanned(db, path.id, nowMs)).plan.answer),
  }),
  operation({
    id: "planAgain",
    method: "post",
    path: "/sittings/{id}/plan",
    summary: "Plans anew from now",
    tag: "sittings",
    status: 200,
    response: planAnswer,
    run: async ({ db, path, nowMs }) => planTold((await heavy(db, "planAgain", path.id, nowMs)).plan.answer),
  }),
  operation({
    id: "sittingCalendar",
    method: "get",
    path: "/sittings/{id}/calendar",
    summary: "The acts as iCalendar; 422 where the sitting has no plan",
    tag: "sittings",
    gives: ["text/calendar"],
    run: async ({ db, path, nowMs }) => {
      const sitting = await sittingPlanned(db, path.id, nowMs);
      plannedNow(sitting);
      return calendarFile(db, sitting, nowMs);
    },
  }),
  operation({
    id: "followCalendar",
    method: "get",
    path: "/feeds/{secret}",
    summary: "The acts of one sitting as a calendar follows them; its secret address is made on the sitting",
    tag: "sittings",
    gives: ["text/calendar"],
    run: async ({ db, path, nowMs }) => {
      const token = tokenOf(tokensFile(databaseFile()), path.secret.replace(/\.ics$/, ""));
      if (token?.scope !== CALENDAR || !token.sittingId) throw notFound("calendar");
      const sitting = await sittingPlanned(db, token.sittingId, nowMs);
      return calendarFile(db, sitting, nowMs);
    },
  }),
  operation({
    id: "sittingActs",
    method: "get",
    path: "/sittings/{id}/acts.csv",
    summary: "The acts as CSV; 422 where the sitting has no plan",
    tag: "sittings",
    query: decimalQuery,
    gives: ["text/csv"],
    run: async ({ db, path, nowMs, query }) => {
      const sitting = await sittingPlanned(db, path.id, nowMs);
      return new FileAnswer(
        actsCsv(sitting, plannedNow(sitting).tasks, query.decimal),
        "text/csv",
        `${sitting.body.name}.acts.csv`,
      );
    },
  }),
  operation({
    id: "sittingFile",
    method: "get",
    path: "/sittings/{id}/file",
    summary: "A sitting as a file for another kitchen",
    tag: "sittings",
    gives: ["application/json"],
    run: async ({ db, path, nowMs }) => {
      const sitting = await sittingPlanned(db, path.id, nowMs);
      return new FileAnswer(sittingFile(sitting), "application/json", `${sitting.body.name}.sitting.json`);
    },
  }),
  operation({
    id: "sittingShopping",
    method: "get",
    path: "/sittings/{id}/shopping",
    summary: "What a sitting takes, all dishes together, but for what is under way",
    tag: "sittings",
    response: shoppingAnswer,
    run: async ({ db, path, nowMs }) => {
      const sitting = await sittingPlanned(db, path.id, nowMs);
      const { answer } = sitting.plan;
      return shoppingOf(requestOf(sitting).dishes, answer.status === "planned" ? answer.soakH : {});
    },
  }),
  operation({
    id: "startDish",
    method: "post",
    path: "/sittings/{id}/dishes/{dishId}/start",
    summary: "Starts a dish when its plan has it go in",
    tag: "sittings",
    body: startDishRequest,
    example: {
      batchId: "7b1c3f7e-4f0e-4d5e-9a53-0c6d3b1f2a11",
      baseRevision: 1,
      acknowledgements: [],
    },
    status: 200,
    response: sittingAnswer,
    run: ({ db, path, body, nowMs }) => heavy(db, "startDish", path.id, path.dishId, body, nowMs),
  }),
  operation({
    id: "confirmSittingAct",
    method: "put",
    path: "/sittings/{id}/done",
    summary: "Ticks an act of a plain dish off; twice, the first time stands",
    tag: "sittings",
    body: sittingActRequest,
    example: { taskId: "roots/preheat", atMs: EXAMPLE_INSTANT_MS },
    status: 204,
    run: ({ db, path, body, nowMs }) => confirmSittingAct(db, path.id, body, nowMs),
  }),
  operation({
    id: "undoSittingAct",
    method: "delete",
    path: "/sittings/{id}/done/{dishId}/{stepId}",
    summary: "Takes a tick of a plain dish back",
    tag: "sittings",
    run: ({ db, path, nowMs }) => {
      sittingIfPlanned(db, path.id, nowMs);
      undoSittingAct(db, path.id, `${path.dishId}/${path.stepId}`);
    },
  }),
];
