/** @jest-environment jsdom */
import { render, screen } from "@testing-library/react";
import { snapshotOf } from "@/contracts/sheet";
import { outcomeAt } from "@/core/formula/account/outcome";
import { chops, worked } from "@/core/formula/formulation.fixture";
import { programOf } from "@/core/program/program";
import { PrintSheet, type PrintData } from "./print-sheet";
import { TubLabels } from "./tub-label";

jest.mock("@/ui/share-code", () => ({ ShareCode: () => null }));

const HOUR = 3_600_000;
const START = Date.UTC(2026, 10, 28, 18);
const formulation = chops({ pullH: 24 });
const sheet = worked(formulation);

const data = (measures: PrintData["measures"], takeOutAtMs?: number): PrintData => ({
  formulation,
  sheet: snapshotOf(sheet, outcomeAt(sheet, formulation.pullH, formulation.portions)),
  program: programOf(formulation, sheet),
  measures,
  kitchenName: "Tarrow Lock Canteen",
  timeZone: "UTC",
  startedAtMs: START,
  ...(takeOutAtMs !== undefined && { takeOutAtMs }),
});

test.each([
  ["its formula’s hours", data("metric"), "24 h", "29 Nov 2026, 18:00", "Sun 18:00"],
  ["a sitting’s", data("metric", START + 21.5 * HOUR), "21 h 30", "29 Nov 2026, 15:30", "Sun 15:30"],
  ["twelve hours of clock", data("us", START + 21.5 * HOUR), "21 h 30", "29 Nov 2026, 3:30 pm", "Sun 15:30"],
])("taken out by %s: sheet and label say the same", (_, printed, after, out, label) => {
  render(
    <>
      <PrintSheet {...printed} />
      <TubLabels data={printed} />
    </>,
  );
  const of = (term: string) => screen.getByText(term, { selector: "dt, dt *" }).closest("div")?.textContent;
  expect(of("Take out after")).toContain(after);
  expect(of("Take out")).toContain(out);
  expect(screen.getAllByText(label)[0]).toBeTruthy();
});
