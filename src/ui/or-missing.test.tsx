/** @jest-environment jsdom */
import { act, render, screen } from "@testing-library/react";
import { orMissing } from "./or-missing";

const Chart = ({ of }: { of: string }) => <p>The chart of {of}</p>;

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("what was fetched is shown", async () => {
  const Part = await orMissing(() => Promise.resolve(Chart))();
  render(<Part of="salt" />);
  expect(screen.getByText("The chart of salt")).toBeTruthy();
});

test("what could not be fetched says so in its place, and comes when it can be; then it is no longer asked for", async () => {
  let isGone = true;
  const load = jest.fn(() => (isGone ? Promise.reject(new Error("no line")) : Promise.resolve(Chart)));
  const Part = await orMissing(load)();
  render(<Part of="salt" />);
  await act(() => jest.advanceTimersByTimeAsync(3000));
  expect(screen.getByRole("status").textContent).toContain("not here yet");
  isGone = false;
  await act(() => jest.advanceTimersByTimeAsync(2999));
  expect(screen.queryByText("The chart of salt")).toBeNull();
  await act(() => jest.advanceTimersByTimeAsync(1));
  expect(screen.getByText("The chart of salt")).toBeTruthy();
  const asked = load.mock.calls.length;
  await act(() => jest.advanceTimersByTimeAsync(9000));
  expect(load).toHaveBeenCalledTimes(asked);
});

test("no longer wanted, it is no longer asked for", async () => {
  const load = jest.fn(() => Promise.reject<typeof Chart>(new Error("no line")));
  const Part = await orMissing(load)();
  render(<Part of="salt" />).unmount();
  const asked = load.mock.calls.length;
  await act(() => jest.advanceTimersByTimeAsync(9000));
  expect(load).toHaveBeenCalledTimes(asked);
});
