import { readMethod } from "./read-method";
import { tendingIn } from "./tending-said";

const minutes = (low: number, high = low) => ({ minutes: { low, high, text: "", at: 0 } });

test.each<[string, number, { action: string; everyMin?: number } | undefined]>([
  ["Roast for 40 minutes, turning every 10 minutes.", 40, { action: "turn", everyMin: 10 }],
  ["Baste it every 15 to 25 minutes.", 90, { action: "baste", everyMin: 20 }],
  ["Every 20 minutes, baste with the juices.", 90, { action: "baste", everyMin: 20 }],
  ["Flip them over halfway.", 20, { action: "turn" }],
  ["At half time turn it.", 20, { action: "turn" }],
  ["Halfway, turn it over.", 20, { action: "turn" }],
  ["Turn once.", 20, { action: "turn" }],
  ["Baste halfway.", 60, { action: "baste", everyMin: 30 }],
  ["Turn after 20 minutes.", 40, { action: "turn" }],
  ["After 20 minutes turn them.", 40, { action: "turn" }],
  // Not at its half: it stays in the notes.
  ["Turn after 20 minutes.", 60, undefined],
  // An oven is turned, and a cake turned out.
  ["Turn the oven down after 20 minutes.", 40, undefined],
  ["Turn up the heat every time.", 40, undefined],
  ["Turn out on a board once cool.", 40, undefined],
  ["Season and serve.", 40, undefined],
])("%s", (sentence, min, said) => {
  const found = tendingIn(sentence, minutes(min));
  expect(found && { action: found.action, ...(found.everyMin && { everyMin: found.everyMin }) }).toEqual(
    said,
  );
});

test("a single turn counts as one at the half within fifteen in a hundred of the stretch", () => {
  expect(tendingIn("Turn after 35 minutes.", minutes(100))).toBeDefined();
  expect(tendingIn("Turn after 65 minutes.", minutes(100))).toBeDefined();
  expect(tendingIn("Turn after 34 minutes.", minutes(100))).toBeUndefined();
  expect(tendingIn("Turn after 66 minutes.", minutes(100))).toBeUndefined();
});

test("what is done in the oven belongs to its stretch; a turn in the soak to none", () => {
  const read = readMethod([
    "Leave in the fridge overnight, turning every 4 hours.",
    "Roast at 200 °C for 30 minutes, then at 150 °C for 60 minutes, basting every 15 minutes.",
    "Rest 10 minutes.",
  ]);
  expect(read.cook.map((s) => s.tend)).toEqual([
    undefined,
    expect.objectContaining({ action: "baste", everyMin: 15 }),
  ]);
});

test.each<[string, boolean | undefined, number | undefined]>([
  ["Rinse under the tap and dry.", true, undefined],
  ["Rinse in fresh water for 15 minutes.", true, 15],
  ["Rinse in fresh water for 60 minutes.", true, 60],
  ["Rinse, then leave for 12 hours.", true, undefined],
  ["Do not rinse.", false, undefined],
  ["Pat it dry.", undefined, undefined],
])("after the soak: %s", (sentence, rinse, rinseMin) => {
  expect(readMethod(["Brine for 8 hours in the fridge.", sentence])).toMatchObject({ rinse, rinseMin });
});
