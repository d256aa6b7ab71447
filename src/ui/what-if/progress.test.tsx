/** @jest-environment jsdom */
import { act, render, screen } from "@testing-library/react";
import { Progress, usePercentDone } from "./progress";

let drawn = 0;

function Percent({ progress }: { progress: Progress }) {
  return <p>{usePercentDone(progress)} %</p>;
}

function Beside({ progress }: { progress: Progress }) {
  drawn++;
  return <Percent progress={progress} />;
}

test("how far it is is told as it goes, in whole percent; what stands around it is drawn once", () => {
  const progress = new Progress();
  const { unmount } = render(<Beside progress={progress} />);
  expect(screen.getByText("0 %")).toBeTruthy();
  act(() => progress.is(0.356));
  expect(screen.getByText("36 %")).toBeTruthy();
  act(() => progress.is(1));
  expect(screen.getByText("100 %")).toBeTruthy();
  expect(drawn).toBe(1);
  unmount();
  progress.is(0.5);
  expect(progress.percentDone()).toBe(50);
});
