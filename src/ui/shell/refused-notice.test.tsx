/** @jest-environment jsdom */
import { act, render, screen } from "@testing-library/react";
import { MeasuresProvider } from "../measures";
import type { Entry } from "../outbox-queue";
import { keepRefused } from "../outbox-refused";
import { RefusedNotice } from "./refused-notice";

const BATCH = "/api/batches/b";
const opened = async (...entries: Entry[]) => {
  for (const entry of entries) keepRefused({ entry, detail: "The batch is over." });
  render(
    <MeasuresProvider measures="us">
      <RefusedNotice />
    </MeasuresProvider>,
  );
  await act(async () => Promise.resolve());
};

beforeEach(() => localStorage.clear());

test("nothing is said where nothing was refused", async () => {
  await opened();
  expect(screen.queryByRole("list")).toBeNull();
});

test("each is said with its reason, in this kitchen's measures, until it is put away", async () => {
  await opened(
    { method: "POST", path: `${BATCH}/samples`, body: { channel: "coreA", atMs: 1, value: 60 } },
    { method: "PUT", path: `${BATCH}/weights`, body: { lineId: "salt", grams: 40 } },
    { method: "PUT", path: `${BATCH}/outcome`, body: { faults: [], words: "" } },
    { method: "POST", path: `${BATCH}/readings`, body: { atMs: 1, reading: { kind: "bathStrength" } } },
    { method: "PUT", path: "/api/sittings/s/done", body: { taskId: "rice/boil" } },
  );
  const said = () => screen.getAllByRole("alert").map((e) => e.textContent.trim());
  expect(said()).toEqual([
    "The kitchen did not take a reading of 140 °F. The batch is over. Its batch",
    "The kitchen did not take 40 g on the scale. The batch is over. Its batch",
    "The kitchen did not take a judgement. The batch is over. Its batch",
    "The kitchen did not take a reading taken by hand. The batch is over. Its batch",
    "The kitchen did not take what was tapped or entered. The batch is over.",
  ]);
  act(() => screen.getAllByRole("button", { name: "Put away" })[1]?.click());
  expect(said()).toHaveLength(4);
  expect(said().join()).not.toContain("40 g");
});
