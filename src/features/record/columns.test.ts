import { ariaSort, COLUMNS, nextSort, shownColumns, toggled } from "./columns";

test("the usual columns where an address names none, or none there is", () => {
  expect(shownColumns("")).toEqual(["kind", "wanted", "verdict", "stood", "out"]);
  expect(shownColumns("colour,taste")).toEqual(shownColumns(""));
  expect(shownColumns("out,planned,colour")).toEqual(["planned", "out"]);
});

test("a column is put in and taken out, in the table's own order", () => {
  const more = toggled("", "planned");
  expect(shownColumns(more)).toEqual(COLUMNS.map((c) => c.id));
  expect(shownColumns(toggled(more, "planned"))).toEqual(shownColumns(""));
});

test("a head sorts one way, then the other, and says which", () => {
  expect(nextSort("out", "name")).toBe("newest");
  expect(nextSort("out", "newest")).toBe("oldest");
  expect(nextSort("out", "oldest")).toBe("newest");
  expect(nextSort("name", "name")).toBe("name");
  expect(nextSort("kind", "name")).toBeUndefined();
  expect([ariaSort("out", "newest"), ariaSort("out", "oldest"), ariaSort("out", "name")]).toEqual([
    "descending",
    "ascending",
    "none",
  ]);
  expect(ariaSort("name", "name")).toBe("ascending");
});
