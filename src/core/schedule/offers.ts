import { canBeHad, earliestTable } from "./earliest";
import { draftsFor, type Draft, type OfferFacts } from "./drafts";
import type { SittingRequest } from "./request";
import { TAKEN_WITHIN_MS } from "./taken-within";

/** What clears the clash: one change, or two where no one does; and what it costs. */
export interface Offer {
  id: string;
  changes: OfferFacts[];
  /** Points: the less, the smaller the change. *Practice*. */
  cost: number;
  request: SittingRequest;
}

const PAIRS_MOST = 60;

/**
 * Changes that clear a clash, least first. Each is tried: what does not give a plan is not offered. Where no single
 * change does, pairs of them are tried.
 * @param demands of the clash: only changes that touch one of them are thought of
 */
export function offersFor(request: SittingRequest, nowMs: number, demands: readonly string[]): Offer[] {
  const drafts = draftsFor(request, demands).sort((a, b) => a.cost - b.cost);
  const tried = (changes: Draft[]): Offer[] => {
    const changed = changes.reduce((r, draft) => draft.apply(r), request);
    if (!canBeHad(changed, nowMs)) return [];
    return [
      {
        id: changes.map((c) => c.id).join("+"),
        changes: changes.map((c) => c.facts),
        cost: changes.reduce((sum, c) => sum + c.cost, 0),
        request: changed,
      },
    ];
  };
  const single = drafts.flatMap((draft) => tried([draft]));
  const offers = single.length > 0 ? single : pairsOf(drafts).flatMap(tried);
  return [...offers, ...laterTable(request, nowMs)].sort((a, b) => a.cost - b.cost);
}

function pairsOf(drafts: readonly Draft[]): Draft[][] {
  return drafts
    .flatMap((a, i) => drafts.slice(i + 1).map((b) => [a, b]))
    .filter(([a, b]) => a.dishId === undefined || a.dishId !== b.dishId)
    .sort(([a, b], [c, d]) => a.cost + b.cost - c.cost - d.cost)
    .slice(0, PAIRS_MOST);
}

/** The earliest hour that can be had still when it is taken; where every minute counts, the earliest of all. */
function laterTable(request: SittingRequest, nowMs: number): Offer[] {
  const tableMs = earliestTable(request, nowMs + TAKEN_WITHIN_MS) ?? earliestTable(request, nowMs);
  if (tableMs === undefined) return [];
  const byMin = Math.round((tableMs - request.tableMs) / 60_000);
  return [
    {
      id: "later",
      changes: [{ kind: "laterTable", tableMs, byMin }],
      cost: 8 + byMin / 3,
      request: { ...request, tableMs },
    },
  ];
}
