/** @jest-environment jsdom */
import { render, screen } from "@testing-library/react";
import type { Finding } from "@/core/safety/rule";
import { FindingCard } from "./findings";

const FINDING: Finding = {
  id: "dish_salty",
  severity: "stop",
  title: "Saltier than wanted",
  because: "{{percent}} % is eaten.",
  instead: "Cut {{line}}: the ledger says by how much.",
  source: "salt ledger, mass balance",
  deferTo: "your own taste",
  data: { percent: 1.527, line: "soy sauce" },
};

test("what is wrong and what to do instead have their figures in them", () => {
  render(<FindingCard finding={FINDING} />);
  expect(screen.getByText("1.53 % is eaten.")).toBeTruthy();
  expect(screen.getByText("Cut soy sauce: the ledger says by how much.")).toBeTruthy();
});
