import type { SittingBody, SittingDish } from "@/contracts/sitting";
import type { Formulation } from "@/core/formulation";

/** What asks too much of one oven is to clash for that, and not for want of hours to soak in. */
const CLASHES_AHEAD_MS = 50 * 3_600_000;

const ROOTS: SittingDish = {
  kind: "plain",
  id: "roots",
  name: "Roots on two trays",
  prepMin: 25,
  trays: [
    { name: "beetroot", minutes: 50 },
    { name: "carrots", minutes: 35 },
  ],
  ovenC: 180,
  holdMin: 20,
};

export interface Named {
  formulaId: string;
  formulation: Formulation;
  /** It is soaking for that table already. */
  batchId?: string;
}

function dishOf({ formulaId, formulation, batchId }: Named, i: number): SittingDish {
  const dish = { id: `dish-${i + 1}`, name: formulation.name };
  return batchId === undefined
    ? { kind: "formula", ...dish, formulaId, formulation }
    : { kind: "running", ...dish, batchId };
}

const LOCK_KITCHEN = {
  kitchen: { fridgeL: 140, ovens: 1, shelves: 4, rings: 4, coolers: 1, trays: 6, vessels: 4, cooks: 2 },
  quiet: { from: "22:30", to: "06:30" },
  absences: [],
  pins: [],
  getsUp: false,
};

/** The coming Saturday's sitting, which fits; and one that asks too much of a single oven, then or a week later. */
export function demoSittings(
  nowMs: number,
  { tableMs, afterMs }: { tableMs: number; afterMs: number },
  fits: Named[],
  clashes: Named[],
): SittingBody[] {
  const clashesMs = tableMs - nowMs >= CLASHES_AHEAD_MS ? tableMs : afterMs;
  return [
    { name: "Saturday at the lock", tableMs, dishes: [...fits.map(dishOf), ROOTS], ...LOCK_KITCHEN },
    {
      name: "Harvest supper",
      tableMs: clashesMs,
      dishes: [...clashes.map(dishOf), ROOTS],
      ...LOCK_KITCHEN,
    },
  ];
}
