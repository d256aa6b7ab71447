/* Preloaded into a server under test: its clock runs on, from the instant a file beside it says. */
import { readFileSync } from "node:fs";

const Real = Date;
const file = process.env.CLOCK_FILE;
const realNow = Real.now.bind(Real);
let readAt = 0;
let aheadMs = 0;

function now() {
  const real = realNow();
  if (real - readAt > 20) {
    readAt = real;
    aheadMs = Number(readFileSync(file, "utf8")) || 0;
  }
  return real + aheadMs;
}

Real.now = now;
globalThis.Date = new Proxy(Real, {
  construct: (target, given, made) => Reflect.construct(target, given.length === 0 ? [now()] : given, made),
});
