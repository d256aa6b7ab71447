/**
 * The tests of the core as one script that a mutant is held against: gathered once, evaluated anew for every mutant. Jest
 * loads every module again for every file of tests, which for thousands of mutants is most of the time; here the words
 * `test`, `describe` and `expect` are Jest's own, standing alone.
 */
import { expect } from "expect";
import { bind } from "jest-each";

/** One test, by the names of what it stands in. */
export interface Case {
  id: string;
  file: string;
  run: () => void | Promise<void>;
}

type Body = () => void | Promise<void>;

/** What a file of tests finds in its world, and where the tests it declares are kept. */
export function world() {
  const cases: Case[] = [];
  const names: string[] = [];
  const before: Body[][] = [[]];
  let file = "";
  const seen = new Map<string, number>();

  const test = (name: string, body: Body): void => {
    const plain = [file, ...names, name].join(" › ");
    const times = (seen.get(plain) ?? 0) + 1;
    seen.set(plain, times);
    const first = before.flat();
    const run = async () => {
      for (const each of first) await each();
      await body();
    };
    cases.push({ id: times === 1 ? plain : `${plain} (${times})`, file, run });
  };
  const describe = (name: string, body: () => void): void => {
    names.push(name);
    before.push([]);
    body();
    before.pop();
    names.pop();
  };
  const once = (body: Body): Body => {
    let done = false;
    return async () => {
      if (!done) await body();
      done = true;
    };
  };
  const words = {
    expect,
    test: Object.assign(test, { each: bind(test as Parameters<typeof bind>[0]) }),
    describe: Object.assign(describe, { each: bind(describe as Parameters<typeof bind>[0], false) }),
    beforeEach: (body: Body) => void before.at(-1)?.push(body),
    beforeAll: (body: Body) => void before.at(-1)?.push(once(body)),
  };
  return {
    words: { ...words, it: words.test },
    cases,
    /** From here on tests are declared by this file. */
    enter: (name: string) => {
      file = name;
    },
  };
}
