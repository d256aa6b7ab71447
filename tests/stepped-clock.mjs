/*
 * Preloaded into a server under test: its clock stands at the instant a file beside it says, however long this machine
 * takes; until the file names one, it runs as everybody's.
 */
import { readFileSync } from "node:fs";

const Real = Date;
const file = process.env.CLOCK_FILE;
const realNow = Real.now.bind(Real);
let readAt = 0;
let standsAtMs = 0;

function now() {
  const real = realNow();
  if (real - readAt > 20) {
    readAt = real;
    standsAtMs = Number(readFileSync(file, "utf8")) || 0;
  }
  return standsAtMs || real;
}

Real.now = now;
globalThis.Date = new Proxy(Real, {
  construct: (target, given, made) => Reflect.construct(target, given.length === 0 ? [now()] : given, made),
});
