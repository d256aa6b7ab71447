/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from "@testing-library/react";
import { Unpushed } from "./unpushed";

const shown = (text: string) => <Unpushed>{text !== "" && <p>{text}</p>}</Unpushed>;
const pointer = (type: string) => fireEvent(window, new Event(type));

test("what comes while a finger is down comes when it is let go, and after the click", () => {
  jest.useFakeTimers();
  const { rerender, container } = render(shown(""));
  pointer("pointerdown");
  rerender(shown("no line"));
  expect(container.textContent).toBe("");
  pointer("pointerup");
  // The click comes in the same go as the letting go.
  expect(container.textContent).toBe("");
  act(() => jest.runAllTimers());
  expect(screen.getByText("no line")).toBeTruthy();
  pointer("pointerdown");
  rerender(shown(""));
  expect(container.textContent).toBe("no line");
  pointer("pointercancel");
  act(() => jest.runAllTimers());
  expect(container.textContent).toBe("");
  jest.useRealTimers();
});

test("a letting go that is never told of keeps nothing back for long", () => {
  jest.useFakeTimers();
  const { rerender, container } = render(shown("one"));
  pointer("pointerdown");
  rerender(shown("another"));
  act(() => jest.advanceTimersByTime(4900));
  expect(container.textContent).toBe("one");
  act(() => jest.advanceTimersByTime(200));
  expect(container.textContent).toBe("another");
  jest.useRealTimers();
});

test("with no finger down it changes at once", () => {
  const { rerender, container } = render(shown("one"));
  rerender(shown("another"));
  expect(container.textContent).toBe("another");
});
