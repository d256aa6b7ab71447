import { z } from "zod";
import { logTo, toldOf } from "./log";

function lines(): { out: { write: (line: string) => void }; read: () => Record<string, unknown>[] } {
  const kept: string[] = [];
  return {
    out: { write: (line) => void kept.push(line) },
    read: () => kept.map((line) => JSON.parse(line) as Record<string, unknown>),
  };
}

test("a line of JSON a thing, with its instant, level and number", () => {
  const { out, read } = lines();
  logTo(out).error({ fault: "ab12cd34", err: new Error("the disk is gone") }, "fault");
  const [line] = read();
  expect(line).toMatchObject({
    level: "error",
    msg: "fault",
    fault: "ab12cd34",
    err: { type: "Error", message: "the disk is gone" },
  });
  expect(Date.parse(String(line.time))).toBeGreaterThan(0);
});

test("of stored data that does not read the fields are told, never what stands in them", () => {
  const read = z
    .object({ eater: z.object({ allergy: z.number() }) })
    .safeParse({ eater: { allergy: "peanut" } });
  const told = JSON.stringify(toldOf(read.error));
  expect(told).toContain("eater.allergy: invalid_type");
  expect(told).not.toContain("peanut");
  expect(toldOf("a word that was thrown")).toEqual({ type: "string" });
});
