import fc from "fast-check";
import ICAL from "ical.js";
import Papa from "papaparse";
import { tellingOf } from "@/core/exchange/telling";
import { markdownOf } from "@/core/exchange/markdown-out";
import { recipeOf } from "@/core/exchange/recipe-out";
import { formulate } from "@/core/formula/formulate";
import { formulations } from "@/core/formula/formulations.fixture";
import { chops, worked } from "@/core/formula/formulation.fixture";
import { programOf } from "@/core/program/program";
import { sittingOfDishes } from "@/core/schedule/sitting.fixture";
import { COMPUTE } from "../api/compute";
import { openDatabase } from "../database";
import { calendarOfPlan } from "../plans";
import { createSitting, loadSitting } from "../sittings";
import { actsCsv, calendarOf, plannedNow } from "./plan-out";

/* One program, many views: the same steps in the same order with the same figures, whoever asks. */

const NOW = Date.UTC(2026, 10, 27, 9);
const HOUR = 3_600_000;

/** Markdown's own signs are escaped in it. */
const plain = (text: string) => text.replace(/\\([\\`*_{}[\]<>#|])/g, "$1");

test("Recipe data, Markdown and the API hold the program's steps, for formulations of every kind", () => {
  fc.assert(
    fc.property(formulations, (f) => {
      const sheet = formulate(f);
      if (!sheet.ok) return;
      const program = programOf(f, sheet.value);
      const told = tellingOf(f, sheet.value);
      // Every step, but that turns are told once, and one exit of the whole by its core.
      const turns = program.steps.filter((s) => s.kind === "turn");
      const untold = [...turns.slice(1), ...program.steps.filter((s) => s.kind === "ovenOut" && !s.part)];
      expect(told.slice(1).map((t) => t.title)).toEqual(
        program.steps.filter((s) => !untold.includes(s)).map((s) => s.title),
      );
      const recipe = recipeOf(f, sheet.value);
      const steps = recipe.recipeInstructions.flatMap((s) => s.itemListElement);
      expect(steps.map((s) => s.text)).toEqual(told.map((t) => t.text));
      const method = markdownOf(f, sheet.value, "metric")
        .split("\n## Method\n")[1]
        .split(/\n## |\nFollow your/)[0];
      const lines = method.split("\n").flatMap((line) => /^\d+\. (.*)$/.exec(line)?.[1] ?? []);
      expect(lines.map(plain)).toEqual(told.map((t) => t.text.replace(/\s+/g, " ")));
      const answer = COMPUTE.program.run({ of: { formulation: f } }, NOW) as {
        steps: unknown[];
        ties: unknown[];
      };
      expect(answer).toMatchObject({ steps: program.steps, ties: program.ties });
      expect(() => COMPUTE.program.response.parse(answer)).not.toThrow();
    }),
    { seed: 4711, numRuns: 30 },
  );
});

test("the plan, its calendar and its CSV hold the program of the hours they planned", () => {
  const f = chops({
    pullH: 20,
    readiness: "outside",
    rinse: { minutes: 15 },
    cook: { toC: 63, minutes: 40, restMin: 10, ovenC: 180, temperMin: 20 },
  });
  const request = sittingOfDishes(NOW + 33 * HOUR, []);
  const db = openDatabase(":memory:");
  const { id } = createSitting(
    db,
    {
      name: "Saturday",
      tableMs: request.tableMs,
      dishes: [{ kind: "formula", id: "d", name: "Chops", formulaId: null, formulation: f }],
      kitchen: request.kitchen,
      quiet: request.quiet,
      absences: [],
      pins: [],
      getsUp: false,
    },
    NOW,
  );
  const sitting = loadSitting(db, id, NOW);
  const { tasks, soakH } = plannedNow(sitting);
  const { steps } = programOf(f, worked(f), { soakH: soakH.d });
  const byStep = new Map(tasks.map((t) => [t.stepId, t]));
  expect([...byStep.keys()].sort()).toEqual(steps.map((s) => s.id).sort());
  for (const step of steps) {
    const { title, why, figures, kind } = step;
    expect(byStep.get(step.id)).toMatchObject({ title, why, figures, kind });
  }
  const acts = tasks.filter((t) => t.handsOn);
  const calendar = new ICAL.Component(
    ICAL.parse(calendarOf(sitting, calendarOfPlan(db, sitting, NOW))) as never,
  );
  const events = calendar.getAllSubcomponents("vevent").map((c) => new ICAL.Event(c));
  expect(events.map((e) => [e.summary, e.startDate.toJSDate().getTime()])).toEqual(
    acts.map((t) => [`Chops: ${t.title}`, Math.round(t.startMs / 60_000) * 60_000]),
  );
  expect(events.some((e) => /Heat the oven/.test(e.summary))).toBe(true);
  // Where the kitchen's measures are American, its calendar's are.
  const american = calendarOf(sitting, calendarOfPlan(db, sitting, NOW), "us").replace(/\r\n[ \t]/g, "");
  expect(american).toMatch(/Heat the oven to \d+ °F/);
  expect(american).not.toContain("°C");
  const { data } = Papa.parse<Record<string, string>>(actsCsv(sitting, tasks), { header: true });
  expect(data.map((row) => [row.act, row.start_utc])).toEqual(
    tasks.map((t) => [t.title, new Date(t.startMs).toISOString()]),
  );
  // Looked at again by a second device, later: the same.
  expect(loadSitting(db, id, NOW + 5 * HOUR).plan).toEqual(sitting.plan);
});
