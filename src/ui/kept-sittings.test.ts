/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import type { SittingBody } from "@/contracts/sitting";
import { dropSitting, keepSitting, keptSitting, keptSittings, sendKeptSittings } from "./kept-sittings";
import { useKeptSittings } from "./use-kept-sittings";

const body = (name: string) => ({ name }) as SittingBody;
const kept = (id: string, name = id) => ({ id, body: body(name), baseRevision: 3 });

function server() {
  const at = { line: true, refuse: 0, reached: [] as string[], meanwhile: () => {} };
  global.fetch = (async (path: string, init: RequestInit) => {
    if (!at.line) throw new TypeError("Failed to fetch");
    at.reached.push(`${init.method} ${path} ${JSON.parse(String(init.body)).baseRevision}`);
    at.meanwhile();
    const problem = { title: "No", status: at.refuse, detail: "no", issues: [] };
    return { ok: at.refuse === 0, status: at.refuse || 200, json: async () => (at.refuse ? problem : {}) };
  }) as unknown as typeof fetch;
  return at;
}

beforeEach(() => localStorage.clear());
afterEach(() => jest.useRealTimers());

test("what is kept goes to the server, but for the one whose page is open", async () => {
  const at = server();
  keepSitting(kept("s1"));
  keepSitting(kept("s2"));
  await sendKeptSittings("s2");
  expect(at.reached).toEqual(["PUT /api/sittings/s1 3"]);
  expect(keptSittings()).toEqual([kept("s2")]);
});

test("without a line it stays; overtaken it stays and is not sent again; changed while it went, the later one stays", async () => {
  const at = server();
  at.line = false;
  keepSitting(kept("s1"));
  await sendKeptSittings(undefined);
  expect(keptSitting("s1")).toEqual(kept("s1"));
  at.line = true;
  at.meanwhile = () => keepSitting(kept("s1", "later"));
  await sendKeptSittings(undefined);
  expect(keptSitting("s1")?.body.name).toBe("later");
  at.meanwhile = () => {};
  at.refuse = 409;
  await sendKeptSittings(undefined);
  await sendKeptSittings(undefined);
  expect(at.reached).toHaveLength(2);
  expect(keptSitting("s1")).toMatchObject({ overtaken: true, body: { name: "later" } });
});

test("told of on every page, and sent from there when the line is back", async () => {
  jest.useFakeTimers();
  const at = server();
  const { result, rerender } = renderHook(({ connected }) => useKeptSittings("s9", connected), {
    initialProps: { connected: false },
  });
  act(() => keepSitting(kept("s1")));
  act(() => keepSitting(kept("s9")));
  expect(result.current.map((k) => k.id)).toEqual(["s1"]);
  expect(at.reached).toEqual([]);
  rerender({ connected: true });
  await act(async () => jest.advanceTimersByTimeAsync(0));
  expect(at.reached).toEqual(["PUT /api/sittings/s1 3"]);
  expect(result.current).toEqual([]);
  act(() => dropSitting("s9"));
  expect(keptSittings()).toEqual([]);
});

test("what does not read is as nothing", () => {
  localStorage.setItem("sitting-kept:s1", "{");
  expect(keptSittings()).toEqual([]);
});
