import type { PlainDish } from "../program/plain";
import type { SittingKitchen } from "./dishes";
import type { DishRequest, SittingRequest } from "./request";

/* A small kitchen's sitting, for tests. */

export const SMALL_KITCHEN: SittingKitchen = {
  fridgeL: 100,
  ovens: 1,
  shelves: 3,
  rings: 4,
  coolers: 1,
  trays: 6,
  vessels: 4,
  cooks: 2,
};

/** What every sitting has, before its table and dishes. */
export const USUAL_HOURS = {
  kitchen: SMALL_KITCHEN,
  quiet: { from: "22:30", to: "06:30" },
  absences: [],
  pins: [],
  getsUp: false,
};

export const trayOf = (name: string, minutes: number, part: Partial<PlainDish> = {}): PlainDish => ({
  kind: "plain",
  id: name.toLowerCase(),
  name,
  prepMin: 10,
  trays: [{ name: name.toLowerCase(), minutes }],
  ovenC: 180,
  holdMin: 20,
  ...part,
});

export const sittingOfDishes = (
  tableMs: number,
  dishes: DishRequest[],
  part: Partial<SittingRequest> = {},
): SittingRequest => ({ tableMs, timeZone: "Europe/London", dishes, ...USUAL_HOURS, ...part });
