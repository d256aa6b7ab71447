const again = async () => {
  jest.resetModules();
  return {
    ...(await import("./shared")),
    ...(await import("./unreadable")),
  };
};

test("who asks by a name is given the same thing, out of whichever bundle; another name is another thing", async () => {
  const one = await again();
  const other = await again();
  expect(one.shared).not.toBe(other.shared);
  const made = one.shared("a", () => ({}));
  expect(other.shared("a", () => ({}))).toBe(made);
  expect(other.shared("b", () => ({}))).not.toBe(made);
});

test("a row that one bundle met is told of by another, and forgotten by both when another kitchen is put in place", async () => {
  const pages = await again();
  const api = await again();
  pages.alsoUnreadable([{ what: "batch", id: "spoilt", field: "" }]);
  expect(api.unreadable()).toHaveLength(1);
  api.forgetUnreadable();
  expect(pages.unreadable()).toEqual([]);
});
