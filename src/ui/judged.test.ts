import { ASKED, sayJudged, sayScore, SCORED, sayBorneOut, sayHowSure } from "./judged";

test("every step of everything asked has its own words", () => {
  for (const key of SCORED) {
    expect(ASKED[key].words).toHaveLength(5);
    expect(new Set(ASKED[key].words).size).toBe(5);
  }
});

test("a judgement is read in words, what was not judged is left out", () => {
  expect(sayJudged({ salt: 0, texture: 2, juiciness: -1, faults: [], words: "" })).toBe(
    "salt right · texture: just right · juiciness: a little dry",
  );
  expect(sayJudged({ faults: [], words: "" })).toBe("");
});

test("between two steps it is the nearer", () => {
  expect(sayScore("texture", 0.4)).toBe("fair");
  expect(sayScore("texture", 0.6)).toBe("good");
  expect(sayScore("timing", -2)).toBe("far too late");
});

test.each([
  [0.24, "perhaps", "A guess still."],
  [0.25, "likely", "A guess still."],
  [0.45, "likely", "Fairly sure."],
  [0.6, "most likely", "Fairly sure."],
  [0.7, "most likely", "Quite sure."],
])("%f in words: %s; %s", (share, borneOut, sure) => {
  expect(sayBorneOut(share)).toBe(borneOut);
  expect(sayHowSure(share)).toBe(sure);
});
