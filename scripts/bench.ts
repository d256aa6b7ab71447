/** Measures what the cook waits for: `npm run bench`. Prints figures; asserts nothing. Needs a build for the page. */
import { benchCore } from "./bench/core";
import { benchEngine } from "./bench/engine";
import { benchForecast } from "./bench/forecast";
import { benchPage } from "./bench/page";
import { benchRecord } from "./bench/record";
import { benchSitting } from "./bench/sitting";

console.log(`node ${process.version}, ${new Date().toISOString().slice(0, 10)}\n`);
benchEngine();
benchForecast();
benchRecord();
benchSitting();
void benchCore().then(benchPage);
