import { type LiveEvent } from "@/contracts/live";
import { isAtLeast } from "@/contracts/work-now";
import { withDelta } from "@/contracts/work-delta";
import { chops } from "@/core/formula/formulation.fixture";
import { startBatch } from "../batches";
import { liftBatch } from "../taken-out";
import { announceSitting } from "../changes";
import { openDatabase } from "../database";
import { batches } from "../schema";
import { attachInstrument } from "../instruments";
import { Refusal } from "../problem";
import { confirmAct, judgeBatch, keepWeight } from "../work";
import { createFormula, saveVersion, shelveFormula } from "../formulas";
import { changeKitchen, forgetRate, keepRate } from "../kitchen";
import { dropOwn, keepOwn, shelveOwn } from "../own-entries";
import { hubOf } from "./hub";
import { batchStream, endStreams, kitchenStream } from "./streams";
import { freshFile } from "../safekeeping/kitchens.fixture";
import { keepSample } from "../samples";
import { writtenElsewhere, writtenHere } from "./written";

const fresh = () => openDatabase(":memory:");
const begin = (db: ReturnType<typeof fresh>) => {
  const request = { formulaId: null, formulation: chops(), startAtMs: Date.now(), acknowledgements: [] };
  return startBatch(db, request, Date.now()).id;
};

/** As another process writes, which announces nothing here. */
function byAnotherProcess(db: ReturnType<typeof fresh>, write: (there: ReturnType<typeof fresh>) => unknown) {
  write(openDatabase(db.$client.name));
}

/** What comes over a stream, event by event. */
function reading<T>(response: Response) {
  const reader = response.body?.getReader();
  const decoder = new TextDecoder();
  return async (): Promise<T | "over"> => {
    const read = await reader?.read();
    if (!read || read.done) return "over";
    return JSON.parse(decoder.decode(read.value).replace(/^data: /, "")) as T;
  };
}
const kitchen = (db: ReturnType<typeof fresh>, stillIn?: () => boolean) => {
  const line = new AbortController();
  const next = reading<LiveEvent>(kitchenStream(db, { signal: line.signal, ...(stillIn && { stillIn }) }));
  const until = async (kind: LiveEvent["kind"]): Promise<LiveEvent | "over"> => {
    const event = await next();
    return event === "over" || event.kind === kind ? event : until(kind);
  };
  return { next, until, hangUp: () => line.abort() };
};

describe("one line for everything", () => {
  test("every page is told what is different, and comes to the same state; each difference is worked out once", async () => {
    const db = fresh();
    const id = begin(db);
    const [one, other] = [kitchen(db), kitchen(db)];
    const before = hubOf(db).look(id);
    expect(await one.next()).toEqual({
      kind: "hello",
      versions: { [id]: before.version },
      open: [id],
      stores: hubOf(db).storesVersion,
      done: hubOf(db).doneVersion,
    });
    await other.next();
    confirmAct(db, id, "weigh_out", { atMs: Date.now() }, Date.now());
    const event = await one.until("work");
    if (event === "over" || event.kind !== "work") throw new Error("no work told");
    expect(event.from).toBe(before.version);
    expect(Object.keys(event.delta.set)).toEqual(["done"]);
    expect(withDelta(before.work, event.delta)).toEqual(hubOf(db).look(id).work);
    expect(await other.until("work")).toEqual(event);
    one.hangUp();
    other.hangUp();
    expect(await one.until("plans")).toBe("over");
    expect(hubOf(db).listeners).toBe(0);
  });

  test("one begun, and one judged, is told within a second; of one that is no more at work whoever looks is told to ask", async () => {
    const db = fresh();
    const { until, hangUp } = kitchen(db);
    const id = begin(db);
    expect(await until("open")).toEqual({ kind: "open", ids: [id] });
    liftBatch(db, id, Date.now(), Date.now());
    expect(await until("work")).toMatchObject({ batchId: id });
    judgeBatch(db, id, { faults: [], words: "" }, Date.now());
    expect(await until("open")).toEqual({ kind: "open", ids: [] });
    keepWeight(db, id, "pickling", 40, Date.now());
    expect(await until("work")).toMatchObject({ batchId: id, from: "" });
    hangUp();
  });

  test("a reading is told of within a second, as itself and not with all that were before it", async () => {
    const db = fresh();
    const id = begin(db);
    const fromMs = Date.now() - 3_600_000;
    const fridge = (s: number) => ({ channel: "fridge" as const, atMs: fromMs + s * 1000, value: 3 });
    for (let s = 0; s < 3000; s++) keepSample(db, id, fridge(s), Date.now());
    const { until, hangUp } = kitchen(db);
    keepSample(db, id, fridge(3000), Date.now());
    const event = await until("work");
    if (event === "over" || event.kind !== "work") throw new Error("no work told");
    expect(event.delta.came).toEqual([fridge(3000)]);
    expect(event.delta.gone?.length ?? 0).toBeLessThanOrEqual(1);
    hangUp();
  });

  test("what another process wrote is told of", async () => {
    const db = openDatabase(freshFile());
    const id = begin(db);
    const { until, hangUp } = kitchen(db);
    await until("hello");
    keepWeight(openDatabase(db.$client.name), id, "pickling", 40, Date.now());
    // In a process of its own nobody announces it here; in this one the figure of the file says it as well.
    expect(await until("work")).toMatchObject({ delta: { set: { weights: { pickling: 40 } } } });
    expect(await until("wrote")).toEqual({ kind: "wrote" });
    hangUp();
  });

  test("whatever the Stores hold is told of when it is changed, here and in another process; a reading is not, nor what another process does at work", async () => {
    const db = openDatabase(freshFile());
    const id = begin(db);
    const line = kitchen(db);
    await line.until("hello");
    const { formulaId } = createFormula(db, chops(), "", Date.now());
    const vessel = {
      kind: "vessel",
      entry: { id: "own-tub", name: "Tub", vessel: { kind: "bag" } },
    } as const;
    const changes: (() => unknown)[] = [
      () =>
        saveVersion(
          db,
          formulaId,
          { formulation: chops({ name: "Other" }), baseVersion: 1, note: "" },
          Date.now(),
        ),
      () => shelveFormula(db, formulaId, { archived: true }, Date.now()),
      () => keepOwn(db, vessel as never, Date.now()),
      () => shelveOwn(db, "vessel", "own-tub", true, Date.now()),
      () => dropOwn(db, "vessel", "own-tub"),
      () => changeKitchen(db, { measures: "us" }),
      () => keepRate(db, "pork_chop", { factor: 1.1, doubt: 0.1 }, Date.now()),
      () => forgetRate(db, "pork_chop"),
      () => shelveFormula(openDatabase(db.$client.name), formulaId, { archived: false }, Date.now()),
    ];

    for (const change of changes) {
      change();
      expect(await line.until("stores")).toEqual({ kind: "stores", version: hubOf(db).storesVersion });
    }
    keepSample(db, id, { channel: "fridge", atMs: Date.now(), value: 3 }, Date.now());
    // Nor what another process writes of something else.
    byAnotherProcess(db, (there) => there.update(batches).set({ scaledBy: 2 }).run());
    const told: string[] = [];
    for (let event = await line.next(); event !== "over"; event = await line.next()) {
      told.push(event.kind);
      if (event.kind === "wrote") break;
    }
    expect(told).not.toContain("stores");
    line.hangUp();
  });

  test("what the Stores hold has a version that counts on though nobody listens, for changes of another process too", async () => {
    const db = openDatabase(freshFile());
    const first = kitchen(db);
    const seen = [await first.next()].map(
      (event) => event !== "over" && event.kind === "hello" && event.stores,
    );
    first.hangUp();
    const later = async () => {
      const line = kitchen(db);
      const hello = await line.next();
      line.hangUp();
      return hello !== "over" && hello.kind === "hello" && hello.stores;
    };
    expect(await later()).toBe(seen[0]);
    changeKitchen(db, { measures: "us" });
    seen.push(await later());
    changeKitchen(openDatabase(db.$client.name), { measures: "metric" });
    seen.push(await later());
    expect(new Set(seen).size).toBe(3);
    expect(seen).not.toContain(false);
  });

  test("all that is done has a version: of a batch, a sitting, the Stores, here and in another process; a reading is nothing done", async () => {
    const db = openDatabase(freshFile());
    const id = begin(db);
    const line = kitchen(db);
    await line.until("hello");
    const changes: [string, () => unknown][] = [
      ["an act", () => confirmAct(db, id, "weigh_out", { atMs: Date.now() }, Date.now())],
      ["a sitting", () => announceSitting("s")],
      ["the Stores", () => changeKitchen(db, { measures: "us" })],
      ["a batch begun", () => begin(db)],
      ["elsewhere", () => byAnotherProcess(db, (there) => there.update(batches).set({ scaledBy: 2 }).run())],
    ];
    for (const [what, change] of changes) {
      const before = hubOf(db).doneVersion;
      change();
      const told = await line.until("done");
      if (told === "over" || told.kind !== "done") throw new Error(`not told: ${what}`);
      expect([what, told.version, isAtLeast(before, told.version)]).toEqual([
        what,
        hubOf(db).doneVersion,
        false,
      ]);
    }
    const stands = hubOf(db).doneVersion;
    keepSample(db, id, { channel: "fridge", atMs: Date.now(), value: 3 }, Date.now());
    keepSample(db, id, { channel: "scale", atMs: Date.now(), value: 40 }, Date.now());
    await line.until("wrote");
    expect(hubOf(db).doneVersion).toBe(stands);
    line.hangUp();
    liftBatch(db, id, Date.now(), Date.now());
    const later = kitchen(db);
    expect(await later.next()).toMatchObject({ kind: "hello", done: hubOf(db).doneVersion });
    expect(isAtLeast(stands, hubOf(db).doneVersion)).toBe(false);
    later.hangUp();
  });

  test("a scale is told of as it moves, though nothing is written", async () => {
    const db = fresh();
    const id = begin(db);
    attachInstrument(db, id, { channel: "scale", seed: 3 }, Date.now());
    const { until, hangUp } = kitchen(db);
    expect(await until("work")).toMatchObject({ delta: { set: { scale: expect.anything() } } });
    hangUp();
  });

  test("a sitting that was saved is named", async () => {
    const db = fresh();
    const { until, hangUp } = kitchen(db);
    announceSitting("s1");
    expect(await until("sitting")).toEqual({ kind: "sitting", id: "s1" });
    hangUp();
  });

  test("signed out, it ends within a second; the server going, at once", async () => {
    const db = fresh();
    let isIn = true;
    const [out, stays] = [kitchen(db, () => isIn), kitchen(db)];
    isIn = false;
    expect(await out.until("plans")).toBe("over");
    expect(hubOf(db).listeners).toBe(1);
    endStreams();
    expect(await stays.until("plans")).toBe("over");
    expect(hubOf(db).listeners).toBe(0);
  });

  test("a device that takes nothing is let go of, and the others go on", async () => {
    const db = fresh();
    const line = new AbortController();
    const asleep = kitchenStream(db, { signal: line.signal });
    const { until, hangUp } = kitchen(db);
    for (let i = 0; i < 300; i++) {
      announceSitting(`s${i}`);
      expect(await until("sitting")).toEqual({ kind: "sitting", id: `s${i}` });
    }
    expect(hubOf(db).listeners).toBe(1);
    expect(asleep.bodyUsed).toBe(false);
    hangUp();
  });
});

test("a version is newer by its number; of another process it is taken as newer", () => {
  expect(isAtLeast("a.10", "a.9")).toBe(true);
  expect(isAtLeast("a.9", "a.9")).toBe(true);
  expect(isAtLeast("a.9", "a.10")).toBe(false);
  expect(isAtLeast("a.9", "b.1")).toBe(false);
});

test("nothing written, the same figures; by this connection, or by another, another one", () => {
  const db = openDatabase(freshFile());
  const figures = () => [writtenHere(db), writtenElsewhere(db)];
  const before = figures();
  expect(figures()).toEqual(before);
  begin(db);
  const [here, elsewhere] = figures();
  expect(here).toBeGreaterThan(before[0]);
  expect(elsewhere).toBe(before[1]);
  begin(openDatabase(db.$client.name));
  const after = figures();
  expect(after[0]).toBe(here);
  expect(after[1]).not.toBe(elsewhere);
});

describe("one batch, for other programs", () => {
  const listening = (db: ReturnType<typeof fresh>, id: string) => {
    const line = new AbortController();
    return {
      next: reading<Record<string, unknown>>(batchStream(db, id, { signal: line.signal })),
      hangUp: () => line.abort(),
    };
  };

  test("the whole state at once, and again when it changes; one that hangs up is told no more", async () => {
    const db = fresh();
    const id = begin(db);
    const [one, other] = [listening(db, id), listening(db, id)];
    for (const { next } of [one, other]) expect(await next()).toMatchObject({ done: {} });
    one.hangUp();
    expect(await one.next()).toBe("over");
    confirmAct(db, id, "weigh_out", { atMs: Date.now() }, Date.now());
    expect(await other.next()).toMatchObject({ done: { weigh_out: expect.any(Number) } });
    other.hangUp();
  });

  test("one that is not there is refused before any stream begins", () =>
    expect(() => batchStream(fresh(), "nope", { signal: new AbortController().signal })).toThrow(Refusal));

  test("taken out of the kitchen, its stream ends", async () => {
    const db = fresh();
    const id = begin(db);
    const { next } = listening(db, id);
    await next();
    db.$client.pragma("foreign_keys = OFF");
    db.$client.exec(`DELETE FROM batches WHERE id = '${id}'`);
    expect(await next()).toBe("over");
  });
});
