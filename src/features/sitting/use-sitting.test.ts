/** @jest-environment jsdom */
import { act, renderHook, waitFor } from "@testing-library/react";
import "@/ui/patience.fixture";
import type { LiveEvent } from "@/contracts/live";
import type { SittingBody, SittingView } from "@/contracts/sitting";
import { keptSittings } from "@/ui/kept-sittings";
import { useSitting } from "./use-sitting";

const PATH = "/api/sittings/s1";
const body = (name: string): SittingBody => ({ name, dishes: [], pins: [] }) as unknown as SittingBody;
const viewOf = (name: string, revision: number, plan = "as sent") =>
  ({ id: "s1", revision, body: body(name), plan, running: [{ batchId: "b1" }] }) as unknown as SittingView;

/** The line on which the server tells what happens. */
class Line {
  static last: Line;
  onopen = () => {};
  onerror = () => {};
  onmessage: (event: { data: string }) => void = () => {};
  constructor() {
    Line.last = this;
  }
  close() {}
  tell = (event: LiveEvent) => act(async () => this.onmessage({ data: JSON.stringify(event) }));
}

interface Asked {
  method: string;
  name?: string;
  baseRevision?: number;
}

/** A server of one sitting: what reached it, and how it answers the next saves. */
function server(start: SittingView) {
  const held = { view: start, asked: [] as Asked[], gates: [] as Promise<void>[], refuse: [] as number[] };
  global.fetch = (async (path: string, init?: RequestInit) => {
    expect(path).toBe(PATH);
    const sent = init?.body
      ? (JSON.parse(String(init.body)) as { body: SittingBody; baseRevision: number })
      : undefined;
    held.asked.push({
      method: init?.method ?? "GET",
      ...(sent && { name: sent.body.name, baseRevision: sent.baseRevision }),
    });
    await held.gates.shift();
    const status = sent ? held.refuse.shift() : undefined;
    if (status === 0) throw new TypeError("Failed to fetch");
    if (status) return answer({ title: "No", status, detail: `no: ${status}`, issues: [] }, status);
    if (sent) held.view = viewOf(sent.body.name, held.view.revision + 1, "planned anew");
    return answer(held.view);
  }) as unknown as typeof fetch;
  return held;
}

/** As much of an answer as is read. */
const answer = (value: unknown, status = 200) => ({
  ok: status < 400,
  status,
  json: async () => JSON.parse(JSON.stringify(value)) as unknown,
});

function gate() {
  let open = () => {};
  const shut = new Promise<void>((done) => (open = done));
  return { shut, open: () => open() };
}

const opened = (start = viewOf("Supper", 4)) => {
  const at = server(start);
  return { at, ...renderHook(() => useSitting(start)) };
};

beforeEach(() => {
  localStorage.clear();
  global.EventSource = Line as unknown as typeof EventSource;
});
afterEach(() => jest.useRealTimers());

test("a change is seen at once, saved at once, and the server's plan stands behind it", async () => {
  const { at, result } = opened();
  act(() => result.current.change({ name: "Dinner" }));
  expect(result.current.view.body.name).toBe("Dinner");
  expect(result.current.view.plan).toBe("as sent");
  expect(result.current.kept).toBe("keeping");
  await waitFor(() => expect(result.current.kept).toBe("kept"));
  expect(result.current.view.plan).toBe("planned anew");
  expect(at.asked).toEqual([{ method: "PUT", name: "Dinner", baseRevision: 4 }]);
});

test("what is changed while a save is on its way goes after it, on its revision, and is not undone by its answer", async () => {
  const { at, result } = opened();
  const [first, second] = [gate(), gate()];
  at.gates = [first.shut, second.shut];
  act(() => result.current.change({ name: "One" }));
  act(() => result.current.change({ name: "Two" }));
  act(() => result.current.change((b) => ({ ...b, name: `${b.name} and three` })));
  await act(async () => first.open());
  await waitFor(() => expect(at.asked).toHaveLength(2));
  expect(result.current.view.body.name).toBe("Two and three");
  await act(async () => second.open());
  await waitFor(() => expect(result.current.kept).toBe("kept"));
  expect(result.current.view.body.name).toBe("Two and three");
  expect(at.asked).toEqual([
    { method: "PUT", name: "One", baseRevision: 4 },
    { method: "PUT", name: "Two and three", baseRevision: 5 },
  ]);
});

test("asked for before a save and answered after it, the plan of before is not shown: it is asked for once more", async () => {
  const { at, result } = opened();
  const slow = gate();
  // A save puts another view in its place.
  const asItWas = at.view;
  const quick = global.fetch;
  // The first look is answered with what stood when it was asked, long after.
  global.fetch = (async (...asked: Parameters<typeof fetch>) => {
    global.fetch = quick;
    at.asked.push({ method: "slow GET" });
    expect(asked[0]).toBe(PATH);
    await slow.shut;
    return answer(asItWas);
  }) as unknown as typeof fetch;
  await Line.last.tell({ kind: "hello", versions: {}, open: [], stores: "p.1", done: "p.1" });
  act(() => result.current.change({ name: "Dinner" }));
  await waitFor(() => expect(result.current.view.plan).toBe("planned anew"));
  await act(async () => slow.open());
  await waitFor(() => expect(at.asked.map((a) => a.method)).toEqual(["slow GET", "PUT", "GET"]));
  expect(result.current.view).toMatchObject({ body: { name: "Dinner" }, plan: "planned anew", revision: 5 });
  expect(result.current.kept).toBe("kept");
});

test("whoever must have it saved first waits for it, and is told the revision", async () => {
  const { at, result } = opened();
  const first = gate();
  at.gates = [first.shut];
  act(() => result.current.change({ name: "One" }));
  let revision: number | undefined;
  const waited = result.current.settled().then((r) => (revision = r));
  await act(async () => {});
  expect(revision).toBeUndefined();
  await act(async () => {
    first.open();
    await waited;
  });
  expect(revision).toBe(5);
});

test("overtaken by another device, it waits for the cook: mine stands over theirs", async () => {
  jest.useFakeTimers();
  const { at, result } = opened();
  at.refuse = [409];
  await act(async () => result.current.change({ name: "Mine" }));
  expect(result.current.kept).toEqual({ problem: "no: 409", conflict: true });
  expect(result.current.view.body.name).toBe("Mine");
  at.view = viewOf("Theirs", 9);
  // However long it takes the cook, it is not sent by itself.
  await act(async () => jest.advanceTimersByTimeAsync(30_000));
  expect(at.asked.filter((a) => a.method === "PUT")).toHaveLength(1);
  expect(result.current.view.body.name).toBe("Mine");
  await act(async () => result.current.keepMine());
  expect(at.asked.at(-1)).toEqual({ method: "PUT", name: "Mine", baseRevision: 9 });
  expect(result.current.kept).toBe("kept");
});

test("overtaken by another device: theirs is taken, and the next change goes from it", async () => {
  const { at, result } = opened();
  at.refuse = [409];
  await act(async () => result.current.change({ name: "Mine" }));
  at.view = viewOf("Theirs", 9);
  await act(async () => result.current.takeTheirs());
  expect(result.current.view.body.name).toBe("Theirs");
  expect(result.current.kept).toBe("kept");
  await act(async () => result.current.change((b) => ({ ...b, name: `${b.name}, later` })));
  expect(at.asked.at(-1)).toEqual({ method: "PUT", name: "Theirs, later", baseRevision: 9 });
});

test("with no line it is kept here and said, and goes by itself when the line is back", async () => {
  jest.useFakeTimers();
  const { at, result } = opened();
  at.refuse = [0];
  await act(async () => result.current.change({ name: "Dinner" }));
  expect(result.current.kept).toMatchObject({
    conflict: false,
    problem: expect.stringContaining("No answer came"),
  });
  await act(async () => jest.advanceTimersByTimeAsync(10_000));
  expect(result.current.kept).toBe("kept");
  expect(at.view.body.name).toBe("Dinner");
});

test("looking while a save is on its way takes nothing back", async () => {
  jest.useFakeTimers();
  const { at, result } = opened();
  const save = gate();
  at.gates = [save.shut];
  await act(async () => result.current.change({ name: "Dinner" }));
  await Line.last.tell({ kind: "sitting", id: "s1" });
  expect(at.asked.map((a) => a.method)).toEqual(["PUT", "GET"]);
  expect(result.current.view.body.name).toBe("Dinner");
  await act(async () => save.open());
  expect(result.current.kept).toBe("kept");
  expect(at.view.body.name).toBe("Dinner");
});

test("what another device saved is told of, and shown; an answer to something else is taken too", async () => {
  const { at, result } = opened();
  at.view = viewOf("Theirs", 5);
  await Line.last.tell({ kind: "sitting", id: "another" });
  expect(result.current.view.body.name).toBe("Supper");
  await Line.last.tell({ kind: "sitting", id: "s1" });
  expect(result.current.view.body.name).toBe("Theirs");
  act(() => result.current.take(viewOf("Started", 7)));
  await act(async () => result.current.change((b) => ({ ...b, name: `${b.name}!` })));
  expect(at.asked.at(-1)).toEqual({ method: "PUT", name: "Started!", baseRevision: 7 });
});

test("what its batches do moves its plan, asked for once for all that is told within two seconds", async () => {
  jest.useFakeTimers();
  const { at, result, unmount } = opened();
  const told = (batchId: string): LiveEvent => ({
    kind: "work",
    batchId,
    from: "",
    to: "p.1",
    delta: { set: {} },
  });
  at.view = viewOf("Supper", 4, "a later plan");
  await Line.last.tell(told("another"));
  await act(async () => jest.advanceTimersByTimeAsync(5000));
  expect(at.asked).toEqual([]);
  for (let i = 0; i < 5; i++) await Line.last.tell(told("b1"));
  await act(async () => jest.advanceTimersByTimeAsync(2000));
  expect(at.asked).toHaveLength(1);
  expect(result.current.view.plan).toBe("a later plan");
  await Line.last.tell(told("b1"));
  unmount();
  await jest.advanceTimersByTimeAsync(5000);
  expect(at.asked).toHaveLength(1);
});

test("a line that is back: what waited goes at once, and what was missed is looked for", async () => {
  const { at, result } = opened();
  at.refuse = [0];
  await act(async () => result.current.change({ name: "Dinner" }));
  act(() => Line.last.onerror());
  await act(async () => Line.last.onopen());
  expect(result.current.kept).toBe("kept");
  expect(at.view.body.name).toBe("Dinner");
  at.view = viewOf("Theirs", 9);
  await Line.last.tell({ kind: "hello", versions: {}, open: [], stores: "p.1", done: "p.1" });
  expect(result.current.view.body.name).toBe("Theirs");
});

test("left without a line, what was changed is there when the page is opened again, and goes on its own revision", async () => {
  const { at, result, unmount } = opened();
  at.refuse = [0, 0];
  await act(async () => result.current.change({ name: "Dinner" }));
  unmount();
  // Changed elsewhere meanwhile: it goes on the revision it was changed from, and the server will say so.
  const again = renderHook(() => useSitting(viewOf("Theirs", 9)));
  await waitFor(() => expect(again.result.current.kept).toMatchObject({ conflict: false }));
  expect(again.result.current.view.body.name).toBe("Dinner");
  await act(async () => Line.last.onerror());
  await act(async () => Line.last.onopen());
  expect(at.view.body.name).toBe("Dinner");
  expect(at.asked.at(-1)).toMatchObject({ method: "PUT", baseRevision: 4 });
  expect(keptSittings()).toEqual([]);
});
