/** @jest-environment jsdom */
import { act, renderHook, waitFor } from "@testing-library/react";
import "@/ui/patience.fixture";
import { heardTime } from "./kitchen-time";
import { OUTBOX, sendOrKeep, useOutbox } from "./outbox";
import { kept, type Entry } from "./outbox-queue";

const entry = (n: number): Entry => ({ method: "PUT", path: `/api/batches/b/acts/${n}`, body: { atMs: n } });
const numbers = (entries: readonly Entry[]) => entries.map((e) => Number(e.path.split("/").at(-1)));

/** A server that can be reached or not, and may refuse. */
function server() {
  const at = { line: true, refuse: new Map<number, string>(), reached: [] as number[] };
  global.fetch = (async (path: string) => {
    if (!at.line) throw new TypeError("Failed to fetch");
    const n = Number(path.split("/").at(-1));
    const detail = at.refuse.get(n);
    if (detail !== undefined)
      return { ok: false, status: 422, json: async () => ({ title: "No", status: 422, detail, issues: [] }) };
    at.reached.push(n);
    return { ok: true, status: 200, json: async () => ({}) };
  }) as unknown as typeof fetch;
  return at;
}

beforeEach(() => {
  heardTime(Date.now(), Date.now(), Date.now());
  localStorage.clear();
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

test("what is tapped goes at once, and is waited for until the server has it", async () => {
  const at = server();
  const sent: number[] = [];
  const { result } = renderHook(() => useOutbox(onSent));
  function onSent(e: Entry) {
    sent.push(...numbers([e]));
  }
  act(() => result.current.add(entry(1)));
  expect(numbers(result.current.waiting)).toEqual([1]);
  await act(async () => jest.advanceTimersByTimeAsync(0));
  expect(result.current.waiting).toEqual([]);
  expect(at.reached).toEqual([1]);
  expect(sent).toEqual([1]);
});

test("with no line it is kept, in order, and goes when the browser says the line is back, or two seconds later", async () => {
  const at = server();
  at.line = false;
  const { result } = renderHook(() => useOutbox());
  await act(async () => result.current.add(entry(1)));
  await act(async () => result.current.add(entry(2)));
  expect(numbers(kept(OUTBOX))).toEqual([1, 2]);
  at.line = true;
  await act(async () => void window.dispatchEvent(new Event("online")));
  await act(async () => jest.advanceTimersByTimeAsync(0));
  expect(at.reached).toEqual([1, 2]);
  at.line = false;
  await act(async () => result.current.add(entry(3)));
  at.line = true;
  await act(async () => jest.advanceTimersByTimeAsync(1900));
  expect(at.reached).toEqual([1, 2]);
  await act(async () => jest.advanceTimersByTimeAsync(100));
  expect(at.reached).toEqual([1, 2, 3]);
  expect(result.current.waiting).toEqual([]);
});

describe("what the server will not have", () => {
  const no = "That act is not of this batch.";
  const refusing = async (n: number) => {
    const at = server();
    at.refuse.set(n, no);
    const page = renderHook(() => useOutbox());
    await act(async () => page.result.current.add(entry(n)));
    await act(async () => jest.advanceTimersByTimeAsync(0));
    return { at, ...page };
  };

  test("is not tried for ever, and holds nothing up; it and its reason stay, on a page that is opened later too", async () => {
    const { at, result, unmount } = await refusing(1);
    expect(kept(OUTBOX)).toEqual([]);
    await act(async () => result.current.add(entry(2)));
    await act(async () => jest.advanceTimersByTimeAsync(10_000));
    expect(at.reached).toEqual([2]);
    expect(result.current.refused).toEqual([{ entry: entry(1), detail: no }]);
    unmount();
    const later = renderHook(() => useOutbox());
    await act(async () => jest.advanceTimersByTimeAsync(0));
    expect(later.result.current.refused).toEqual([{ entry: entry(1), detail: no }]);
  });

  test("goes when it is put away, and when it is entered anew", async () => {
    const { at, result } = await refusing(1);
    at.refuse.set(2, no);
    await act(async () => result.current.add(entry(2)));
    await act(async () => jest.advanceTimersByTimeAsync(0));
    expect(numbers(result.current.refused.map((r) => r.entry))).toEqual([1, 2]);
    act(() => result.current.putAway(entry(2)));
    expect(numbers(result.current.refused.map((r) => r.entry))).toEqual([1]);
    at.refuse.clear();
    act(() => result.current.add(entry(1)));
    expect(result.current.refused).toEqual([]);
    await act(async () => jest.advanceTimersByTimeAsync(0));
    expect(at.reached).toEqual([1]);
  });

  test("goes too when it is sent from another page", async () => {
    const { at, result } = await refusing(1);
    at.refuse.clear();
    await act(async () => void (await sendOrKeep(entry(1))));
    expect(result.current.refused).toEqual([]);
  });
});

test("what any page put in is told on every one, and every one hears that it went", async () => {
  server();
  const heard: string[] = [];
  const [tell, alsoTell] = [() => void heard.push("one"), () => void heard.push("other")];
  const one = renderHook(() => useOutbox(tell));
  const other = renderHook(() => useOutbox(alsoTell));
  act(() => one.result.current.add(entry(1)));
  expect(numbers(other.result.current.waiting)).toEqual([1]);
  await act(async () => jest.advanceTimersByTimeAsync(0));
  expect(heard).toEqual(["one", "other"]);
  expect(other.result.current.waiting).toEqual([]);
});

test("what was left by an earlier page goes when a page is opened; closed, a page looks no more", async () => {
  const at = server();
  localStorage.setItem("work", JSON.stringify([entry(5)]));
  const { unmount } = renderHook(() => useOutbox());
  await act(async () => jest.advanceTimersByTimeAsync(0));
  expect(at.reached).toEqual([5]);
  unmount();
  localStorage.setItem(OUTBOX, JSON.stringify([entry(6)]));
  await jest.advanceTimersByTimeAsync(10_000);
  expect(at.reached).toEqual([5]);
});

describe("sent from any page", () => {
  test("taken or refused, nothing is kept", async () => {
    const at = server();
    expect(await sendOrKeep(entry(1))).toEqual({ kept: false, problem: null });
    at.refuse.set(2, "Not so.");
    expect(await sendOrKeep(entry(2))).toEqual({ kept: false, problem: "Not so." });
    expect(kept(OUTBOX)).toEqual([]);
  });

  test("with no line it is kept and said; the next one never overtakes it, and an open page sends what waits", async () => {
    const at = server();
    at.line = false;
    expect(await sendOrKeep(entry(1))).toMatchObject({
      kept: true,
      problem: expect.stringContaining("Kept"),
    });
    at.line = true;
    expect(await sendOrKeep(entry(2))).toEqual({ kept: false, problem: null });
    expect(at.reached).toEqual([1, 2]);
    at.line = false;
    await sendOrKeep(entry(3));
    at.line = true;
    jest.useRealTimers();
    const { result } = renderHook(() => useOutbox());
    await waitFor(() => expect(at.reached).toEqual([1, 2, 3]));
    await waitFor(() => expect(result.current.waiting).toEqual([]));
    at.line = false;
    await act(async () => void (await sendOrKeep(entry(4))));
    await waitFor(() => expect(numbers(result.current.waiting)).toEqual([4]));
  });

  test("left before the server has answered, the page has kept it: the next one sends it", async () => {
    global.fetch = (() => new Promise(() => {})) as unknown as typeof fetch;
    let left: typeof import("./outbox") | undefined;
    jest.isolateModules(() => (left = jest.requireActual("./outbox")));
    void left?.sendOrKeep(entry(1));
    await jest.advanceTimersByTimeAsync(0);
    expect(numbers(kept(OUTBOX))).toEqual([1]);
    const at = server();
    renderHook(() => useOutbox());
    await act(async () => jest.advanceTimersByTimeAsync(0));
    expect(at.reached).toEqual([1]);
    expect(kept(OUTBOX)).toEqual([]);
  });

  test("a refusal is told to whoever waits for it, and stands nowhere else; what nobody waits for stands", async () => {
    const at = server();
    at.refuse.set(1, "Not so.").set(2, "Nor this.");
    const { result } = renderHook(() => useOutbox());
    await act(async () => {
      const ended = sendOrKeep(entry(1));
      result.current.add(entry(2));
      expect(await ended).toEqual({ kept: false, problem: "Not so." });
    });
    await act(async () => jest.advanceTimersByTimeAsync(0));
    expect(result.current.refused).toEqual([{ entry: entry(2), detail: "Nor this." }]);
  });

  test("sent by another tab in the meantime, it is told as taken, or as refused with the reason", async () => {
    const at = server();
    at.refuse.set(2, "Not so.");
    const ended: unknown[] = [];
    const isFirst = { yes: true };
    const locks = {
      // The other tab has the lock first: it sends what this one put in.
      request: async (_: string, work: () => Promise<void>) => {
        if (isFirst.yes) {
          isFirst.yes = false;
          let other: typeof import("./outbox") | undefined;
          jest.isolateModules(() => (other = jest.requireActual("./outbox")));
          await other?.sendOrKeep(entry(3));
        }
        await work();
      },
    };
    Object.defineProperty(navigator, "locks", { value: locks, configurable: true });
    for (const n of [1, 2]) {
      isFirst.yes = true;
      ended.push(await sendOrKeep(entry(n)));
    }
    Reflect.deleteProperty(navigator, "locks");
    expect(ended).toEqual([
      { kept: false, problem: null },
      { kept: false, problem: "Not so." },
    ]);
    expect(at.reached.filter((n) => n > 0)).toEqual([1, 3, 3]);
  });

  test("what the server cannot take now is kept, and whoever waits is told that it is", async () => {
    global.fetch = (async () => ({
      ok: false,
      status: 507,
      json: async () => ({ title: "Full", status: 507, detail: "The disk is full.", issues: [] }),
    })) as unknown as typeof fetch;
    expect(await sendOrKeep(entry(1))).toMatchObject({ kept: true });
    expect(numbers(kept(OUTBOX))).toEqual([1]);
  });
});

test("sent at once by a page that has not heard the kitchen’s time, its hour is set right all the same", async () => {
  const bodies: unknown[] = [];
  global.fetch = (async (_: string, init?: RequestInit) => {
    if (init?.body) bodies.push(JSON.parse(String(init.body)));
    const headers = { get: () => String(Date.now() - 420_000) };
    return { ok: true, status: 200, headers, json: async () => ({}) };
  }) as unknown as typeof fetch;
  let page: typeof import("./outbox") | undefined;
  jest.isolateModules(() => (page = jest.requireActual("./outbox")));
  const at = Date.now();
  const sent = await page?.sendOrKeep({
    method: "POST",
    path: "/api/batches/b/lift",
    body: { atMs: at, deviceAheadMs: 0 },
  });
  expect(sent).toEqual({ kept: false, problem: null });
  expect(bodies).toEqual([{ atMs: at - 420_000, deviceAheadMs: 420_000 }]);
});
