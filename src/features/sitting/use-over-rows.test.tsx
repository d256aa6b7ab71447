/** @jest-environment jsdom */
import { fireEvent, render, screen } from "@testing-library/react";
import { useOverRows } from "./use-over-rows";

const MIN = 60_000;
const START = Date.UTC(2026, 10, 28, 12);
/** Rows an hour, an hour and four hours apart, a hundred pixels each. */
const ROWS = [0, 60, 120, 360].map((min) => START + min * MIN);
const ROW_PX = 100;
const THING = { top: 100, bottom: 140 };

const put: number[] = [];

function Score({ by, fixed = false }: { by?: "top" | "bottom"; fixed?: boolean }) {
  return (
    <div data-score>
      {ROWS.map((ms, i) => (
        <div key={ms} data-row={ms} data-top={i * ROW_PX} />
      ))}
      <Thing by={by} fixed={fixed} />
    </div>
  );
}

function Thing({ by, fixed }: { by?: "top" | "bottom" | undefined; fixed: boolean }) {
  const { dragged, overMs } = useOverRows({
    atMs: START + 60 * MIN,
    ...(by && { by }),
    ...(!fixed && { onPut: (ms: number) => void put.push((ms - START) / MIN) }),
  });
  return (
    <div {...dragged} data-testid="thing" role="button" tabIndex={0}>
      {overMs === undefined ? "at rest" : `over ${(overMs - START) / MIN}`}
    </div>
  );
}

/* This environment has no pointer events: a finger stands for them. */
const finger = (target: HTMLElement, byPx: number) => {
  const touch = { identifier: 1, target, clientX: 10, clientY: 110 + byPx };
  return { touches: [touch], targetTouches: [touch], changedTouches: [touch] };
};
const drag = (byPx: number) => {
  const thing = screen.getByTestId("thing");
  fireEvent.touchStart(thing, finger(thing, 0));
  fireEvent.touchMove(thing, finger(thing, byPx));
  return thing;
};
const drop = (thing: HTMLElement, byPx: number) =>
  fireEvent.touchEnd(thing, { ...finger(thing, byPx), touches: [], targetTouches: [] });

beforeAll(() => {
  // There is no layout here: rows and thing say where they would be.
  Element.prototype.getBoundingClientRect = function (this: HTMLElement) {
    const top = this.dataset.top === undefined ? THING.top : Number(this.dataset.top);
    const bottom = this.dataset.top === undefined ? THING.bottom : top + ROW_PX;
    return { top, bottom, left: 0, right: 100, width: 100, height: bottom - top, x: 0, y: top } as DOMRect;
  };
});
beforeEach(() => put.splice(0));

test("within a row it goes as far as the row's own time, to five minutes; dropped, it is put there", () => {
  render(<Score />);
  // Its top from the second row to a quarter down the third, which stretches four hours.
  const thing = drag(125);
  expect(thing.textContent).toBe("over 180");
  drop(thing, 125);
  expect(put).toEqual([180]);
  expect(thing.textContent).toBe("at rest");
});

test("half a row up is half an hour earlier; above all rows it stays", () => {
  render(<Score />);
  let thing = drag(-50);
  drop(thing, -50);
  thing = drag(-150);
  expect(thing.textContent).toBe("at rest");
  drop(thing, -150);
  expect(put).toEqual([30]);
});

test("past the last row it is at the last row's time", () => {
  render(<Score />);
  drop(drag(900), 900);
  expect(put).toEqual([360]);
});

test("an edge goes by its own side; a touch is no drag", () => {
  render(<Score by="bottom" />);
  drop(drag(2), 2);
  expect(put).toEqual([]);
  // Its lower side, at 140, to 190: nine tenths of the second row.
  drop(drag(50), 50);
  expect(put).toEqual([115]);
});

test("keys move it by five minutes, half an hour with Shift; other keys are not its business", () => {
  render(<Score />);
  const thing = screen.getByTestId("thing");
  for (const key of ["ArrowUp", "ArrowLeft", "ArrowDown", "ArrowRight", "Enter"])
    fireEvent.keyDown(thing, { key });
  fireEvent.keyDown(thing, { key: "ArrowUp", shiftKey: true });
  expect(put).toEqual([55, 55, 65, 65, 30]);
});

test("let go with Escape it is where it was; what may not be moved is not", async () => {
  const { unmount } = render(<Score />);
  const thing = drag(125);
  fireEvent.keyDown(thing, { key: "Escape" });
  await screen.findByText("at rest");
  drop(thing, 125);
  expect(put).toEqual([]);
  unmount();
  render(<Score fixed />);
  const still = drag(125);
  expect(still.textContent).toBe("at rest");
  drop(still, 125);
  fireEvent.keyDown(still, { key: "ArrowUp" });
  expect(put).toEqual([]);
});
