import { spawnSync } from "node:child_process";
import path from "node:path";

/*
 * The compiler once more, doubting every index (`noUncheckedIndexedAccess`), in all rooms but those named here and what
 * `tsconfig.doubted.json` leaves out. The flag belongs to a whole program: what it finds in those rooms is left out of its text.
 */

/** Rooms of figures: loops over arrays whose lengths they made themselves. See docs/decisions/039. */
const BELIEVED = [
  ...["bayes", "check-cases", "diffusion", "formula", "heat", "instruments", "recipe", "schedule"].map(
    (room) => `src/core/${room}/`,
  ),
  "src/core/ellipsoid.ts",
  "src/core/interpolate.ts",
];

const tsc = path.resolve("node_modules/typescript-native/bin/tsc");
const flags = ["-p", "tsconfig.doubted.json", "--noEmit", "--singleThreaded"];
const { stdout, stderr } = spawnSync(process.execPath, [tsc, ...flags], {
  encoding: "utf8",
  maxBuffer: 64 * 1024 * 1024,
});

const found = stdout.split("\n").filter((line) => line.includes(": error TS"));
if (found.length === 0) {
  // Those rooms have hundreds: an answer without any is no answer.
  console.error(stderr || stdout || "The compiler said nothing.");
  process.exit(1);
}
const doubted = found.filter((line) => {
  const file = line.slice(0, line.indexOf("("));
  return !BELIEVED.some((room) => file.startsWith(room));
});
if (doubted.length > 0) {
  console.error(`May be missing, and is not looked at before it is used:\n${doubted.join("\n")}`);
  process.exit(1);
}
