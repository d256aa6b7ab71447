import { renderToStaticMarkup } from "react-dom/server";
import { orMissing } from "./or-missing";

test("what was fetched is shown", async () => {
  const Part = await orMissing(() => Promise.resolve(() => <p>The chart</p>))();
  expect(renderToStaticMarkup(<Part />)).toBe("<p>The chart</p>");
});

test("what could not be fetched says so in its place", async () => {
  const Part = await orMissing(() => Promise.reject(new Error("no line")))();
  expect(renderToStaticMarkup(<Part />)).toContain("not here yet");
});
