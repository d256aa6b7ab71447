import { TZDate } from "@date-fns/tz";
import { addDays, isSaturday, nextSaturday } from "date-fns";
import type { SittingBody, SittingDish } from "@/contracts/sitting";
import type { Formulation } from "@/core/formula/model";

const TABLE_HOUR = 18;
/** The loin wants two nights, its hour before them, and daylight to get ready. */
const HOURS_AHEAD = 50;

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
}

const dishOf = ({ formulaId, formulation }: Named, i: number): SittingDish => ({
  kind: "formula",
  id: `dish-${i + 1}`,
  name: formulation.name,
  formulaId,
  formulation,
});

const LOCK_KITCHEN = {
  kitchen: { fridgeL: 140, ovens: 1, shelves: 4, rings: 4, coolers: 1, trays: 6, vessels: 4, cooks: 2 },
  quiet: { from: "22:30", to: "06:30" },
  absences: [],
  pins: [],
  getsUp: false,
};

/** The coming Saturday, as far ahead as its dishes need: one sitting that fits, and one that asks too much of a single oven. */
export function demoSittings(
  nowMs: number,
  timeZone: string,
  fits: Named[],
  clashes: Named[],
): SittingBody[] {
  const soonest = new TZDate(nowMs + HOURS_AHEAD * 3_600_000, timeZone);
  const morrow = soonest.getHours() < TABLE_HOUR ? soonest : addDays(soonest, 1);
  const day = isSaturday(morrow) ? morrow : nextSaturday(morrow);
  const tableMs = new TZDate(
    day.getFullYear(),
    day.getMonth(),
    day.getDate(),
    TABLE_HOUR,
    0,
    timeZone,
  ).getTime();
  return [
    {
      name: "Saturday at the lock",
      tableMs,
      dishes: [...fits.map(dishOf), ROOTS],
      ...LOCK_KITCHEN,
    },
    { name: "Harvest supper", tableMs, dishes: [...clashes.map(dishOf), ROOTS], ...LOCK_KITCHEN },
  ];
}
