import { climbText, plateText } from "./probing";

const climb = (low: number, high: number) => ({ low, likely: (low + high) / 2, high });

test("what it ends at is what was wanted, and as much more as it may climb", () => {
  expect(plateText({ endC: 63, climb: climb(5, 10) })).toBe("63 to 68 °C");
  expect(plateText({ endC: 85, climb: climb(0, 0.4) })).toBe("85 °C");
});

test("past its exit it ends as much higher", () => {
  expect(plateText({ endC: 63, climb: climb(5, 10) }, 16.2)).toBe("79 to 84 °C");
  expect(plateText({ endC: 85, climb: climb(0, 0.4) }, 3)).toBe("88 °C");
  // Not there yet, it will come out at its exit.
  expect(plateText({ endC: 63, climb: climb(5, 10) }, -4)).toBe("63 to 68 °C");
});

test("how far it climbs", () => {
  expect(climbText({ climb: climb(4.6, 9.2) })).toBe("about 5 to 9 °C");
  expect(climbText({ climb: climb(2.8, 3.2) })).toBe("about 3 °C");
  expect(climbText({ climb: climb(0, 0.6) })).toBe("up to 1 °C");
  expect(climbText({ climb: climb(0, 0.4) })).toBe("hardly at all");
});
