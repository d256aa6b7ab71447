import { Count } from "./count";

test("what happens in one go is told once, by the version it came to", () => {
  const count = new Count("p");
  expect([count.version, count.toTell()]).toEqual(["p.0", undefined]);
  expect([count.more(), count.more()]).toEqual([true, false]);
  expect([count.toTell(), count.toTell()]).toEqual(["p.2", undefined]);
  expect([count.more(), count.version]).toEqual([true, "p.3"]);
});
