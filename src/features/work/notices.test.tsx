/** @jest-environment jsdom */
import { render, screen } from "@testing-library/react";
import type { SittingAtWork } from "@/contracts/at-work";
import { WALL_CLOCK } from "@/core/program/batch-clock";
import { Notices } from "./notices";

const NOW = Date.UTC(2026, 10, 28, 17);
const MIN = 60_000;

const evening = (part: Partial<SittingAtWork>): SittingAtWork => ({
  id: "s1",
  name: "Saturday",
  clock: WALL_CLOCK,
  tableMs: NOW + 60 * MIN,
  lateMin: 0,
  notHeld: null,
  tasks: [],
  batches: [],
  plain: [],
  plainDone: {},
  ...part,
});

const show = (part: Partial<SittingAtWork>) =>
  render(<Notices sittings={[evening(part)]} broken={[]} wallMs={NOW} timeZone="UTC" />);

test("an evening that holds says nothing", () => {
  show({});
  expect(screen.queryByRole("status")).toBeNull();
});

test("a table that gave way says by how much, and when it is now", () => {
  show({ lateMin: 14, tableMs: NOW + 74 * MIN });
  expect(screen.getByRole("status").textContent).toBe("Saturday: late by 14 min, on the table at 18:14.");
});

test("one that nothing holds says which dishes come late and when, and leads to what could give way", () => {
  show({
    notHeld: [
      { name: "Duck", outMs: NOW + 108 * MIN },
      { name: "Loin", outMs: NOW + 70 * MIN },
    ],
  });
  expect(screen.getByRole("status").textContent).toBe(
    "Saturday cannot be on the table at 18:00: Duck is foretold out at 18:48, Loin is foretold out at 18:10. What could give way",
  );
  expect(screen.getByRole("link").getAttribute("href")).toBe("/sitting/s1");
});

test("also where no dish of it is foretold late", () => {
  show({ notHeld: [] });
  expect(screen.getByRole("status").textContent).toBe(
    "Saturday cannot be on the table at 18:00. What could give way",
  );
});
