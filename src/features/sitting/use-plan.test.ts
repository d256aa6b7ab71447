/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import type { ClashFacts } from "@/core/schedule/answer";
import type { Offer } from "@/core/schedule/offers";
import type { SittingRequest } from "@/core/schedule/request";
import { TAKEN_WITHIN_MS } from "@/core/schedule/taken-within";
import { PlannerLine } from "./planner";
import { useOffers } from "./use-plan";

jest.mock("./planner");

const NOW = Date.UTC(2026, 10, 27, 9);
const CLASH = { clash: [], demands: ["soak:chops"], unsure: false } as unknown as ClashFacts;
const sitting = (tableMs: number) => ({ tableMs }) as SittingRequest;
const offer = (id: string) => ({ id }) as Offer;

let asked: { nowMs: number; answer: (offers: Offer[]) => Promise<void> }[];
beforeEach(() => {
  asked = [];
  jest.spyOn(PlannerLine.prototype, "ask").mockImplementation(async (question) => {
    const planner = {
      offers: (_: SittingRequest, nowMs: number) =>
        new Promise((done) => {
          asked.push({ nowMs, answer: async (offers) => act(async () => done(offers)) });
        }),
    };
    return question(planner as unknown as Parameters<typeof question>[0]);
  });
});

const looking = () =>
  renderHook(({ request, nowMs }) => useOffers(request, CLASH, nowMs), {
    initialProps: { request: sitting(NOW), nowMs: NOW },
  });

test("as the clock goes on it is asked again, before what stands cannot be taken any more; until then that stands", async () => {
  const { result, rerender } = looking();
  expect(result.current).toBe("working");
  await asked[0].answer([offer("later")]);
  expect(result.current).toEqual([offer("later")]);
  const request = sitting(NOW);
  rerender({ request, nowMs: NOW + TAKEN_WITHIN_MS / 2 - 1 });
  expect(asked).toHaveLength(1);
  rerender({ request, nowMs: NOW + TAKEN_WITHIN_MS / 2 });
  expect(asked.map((a) => a.nowMs)).toEqual([NOW, NOW + TAKEN_WITHIN_MS / 2]);
  expect(result.current).toEqual([offer("later")]);
  // However fast the clock runs, what is on its way is waited for.
  rerender({ request, nowMs: NOW + 2 * TAKEN_WITHIN_MS });
  expect(asked).toHaveLength(2);
  await asked[1].answer([offer("later still")]);
  expect(result.current).toEqual([offer("later still")]);
  expect(asked.map((a) => a.nowMs).slice(2)).toEqual([NOW + 2 * TAKEN_WITHIN_MS]);
});

test("an answer that is new is not asked for again", async () => {
  const { rerender } = looking();
  await asked[0].answer([offer("later")]);
  rerender({ request: sitting(NOW), nowMs: NOW + TAKEN_WITHIN_MS / 2 });
  await asked[1].answer([offer("later still")]);
  rerender({ request: sitting(NOW), nowMs: NOW + TAKEN_WITHIN_MS - 1 });
  expect(asked).toHaveLength(2);
});

test("what stood for another question is not shown, and its answer is dropped", async () => {
  const { result, rerender } = looking();
  await asked[0].answer([offer("later")]);
  rerender({ request: sitting(NOW + 1), nowMs: NOW });
  expect(result.current).toBe("working");
  rerender({ request: sitting(NOW + 2), nowMs: NOW });
  await asked[1].answer([offer("dropped")]);
  expect(result.current).toBe("working");
  await asked[2].answer([]);
  expect(result.current).toEqual([]);
});
