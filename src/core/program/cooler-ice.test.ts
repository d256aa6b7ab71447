import { chops } from "../formula/formulation.fixture";
import { vesselLeakWPerK } from "../heat/vessel-leak";
import { coolerIce } from "./cooler-ice";

const input = chops({ holding: { ...chops().holding, place: "cooler", temperatureC: 3 } });

test("by hand: what leaks in over 333.55 kJ a kilogram; half as much again in hand at every look", () => {
  const leak = vesselLeakWPerK(input.vessel);
  const melts = (hours: number, kelvin: number) => (leak * kelvin * hours * 3600) / 333.55;
  const { meltsG, firstG, topUpG, allG, looksAtH } = coolerIce({ input, soakH: 12 });
  expect(looksAtH).toEqual([4, 8]);
  expect(meltsG).toBeCloseTo(melts(12, 17), 6);
  expect(firstG).toBeCloseTo(1.5 * melts(4, 17), 6);
  // At a look a third of it is left: what is topped up is what melted.
  expect(topUpG).toBeCloseTo(melts(4, 17), 6);
  expect(allG).toBeCloseTo(firstG + 2 * topUpG, 9);
});

test("kept as cold as the food is held, in a room as warm as it is said to be", () => {
  const at = (temperatureC: number, roomC?: number) =>
    coolerIce({ input: { ...input, holding: { ...input.holding, temperatureC } }, soakH: 12 }, roomC).meltsG;
  expect(at(1) / at(3)).toBeCloseTo(19 / 17, 9);
  expect(at(3, 30) / at(3)).toBeCloseTo(27 / 17, 9);
  expect(at(3, 2)).toBe(0);
});

test("no more at once than goes in beside the food", () => {
  const hot = coolerIce(
    { input: { ...input, vessel: { ...input.vessel, lengthMm: 900, widthMm: 900 } }, soakH: 20 },
    40,
  );
  expect(hot.firstG).toBe(10_000);
  expect(hot.topUpG).toBeLessThanOrEqual(10_000);
});
