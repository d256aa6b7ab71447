import { z } from "zod";
import { loadTaste } from "../../taste";
import { operation } from "../operation";
import { learnedAnswer } from "./learned-answer";
import { heavy } from "../../heavy/pool";

const liked = z.object({ fraction: z.number(), low: z.number(), high: z.number() });
const tasteAnswer = z.object({
  table: liked,
  eaters: z.array(
    z.object({ id: z.string(), name: z.string(), liked, answers: z.number(), batches: z.number() }),
  ),
  /** Of the table, before anything was said. */
  before: liked,
  answers: z.number(),
  batches: z.number(),
  /** Enough was said to take it for the table's. */
  known: z.boolean(),
  /** What a new Bench asks for; null where the usual. */
  houseSalt: z.number().nullable(),
});

export const TASTE_OPERATIONS = [
  operation({
    id: "houseTaste",
    method: "get",
    path: "/taste",
    summary:
      "The salt this kitchen's eaters like, by its tastings and judged dinners; shares of finished flesh",
    tag: "taste",
    response: tasteAnswer,
    run: ({ db }) => {
      const { taste, known, houseSalt } = loadTaste(db);
      return { ...taste, known, houseSalt };
    },
  }),
  operation({
    id: "learned",
    method: "get",
    path: "/learned",
    summary:
      "What this kitchen has learnt of its salt, its oven and its rests, and how what was foretold came out",
    tag: "taste",
    response: learnedAnswer,
    run: ({ db }) => heavy(db, "learned"),
  }),
];
