/** Takes the pictures in docs/screenshots from the example kitchen: `npm run screenshots`, after a build. */
import { spawn } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { chromium, type Browser, type Page } from "@playwright/test";
import { BROWSER } from "./browser";
import { openDatabase } from "@/server/database";
import { runningBatches } from "@/server/batch-views";
import { listFormulas } from "@/server/formula-views";
import { loadPlannedDemo } from "@/server/demo/load";
import { photographDemo } from "@/server/demo/photos";
import { takeEvening } from "./evening-shots";

const PORT = 3233;
const BASE = `http://127.0.0.1:${PORT}`;
const OUT = "docs/screenshots";
const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** As somebody wrote it down, with everything that is wrong with it. */
const LOOSE = `Lock-keeper's pork loin

Serves 8

- 1 (2.5 kg) bone-in pork loin roast
- 1 cup kosher salt
- 4 litres cold water
- 4 cloves garlic, crushed
- a good pinch of chilli flakes
- Juice of 2 lemons
- salt to taste

1. Preheat the oven to 350°F.
2. Dissolve the salt in the water and brine the pork overnight at room temperature.
3. Roast in a 425°F oven for 90 minutes until the internal temperature reads 145°F.
4. Rest for 15 minutes.
Total time: 1 hour`;

interface Shot {
  file: string;
  path: string;
  size?: { width: number; height: number };
  dark?: boolean;
  act?: (page: Page) => Promise<void>;
}

function shotsFor(loinId: string, loinBatchId: string, idOf: (name: string) => string): Shot[] {
  const loin = `/bench?formula=${loinId}`;
  const bench = (name: string) => `/bench?formula=${idOf(name)}`;
  const why = (page: Page) => page.getByRole("button", { name: "Why? Salt to weigh out" }).click();
  const sitting = (name: string, shows: string) => async (page: Page) => {
    await page.getByRole("link", { name: new RegExp(name) }).click();
    const shown = page.getByText(shows).first();
    await shown.waitFor({ timeout: 40_000 });
    await page.waitForTimeout(500);
  };
  return [
    { file: "shelf", path: "/" },
    { file: "bench-empty", path: "/bench" },
    { file: "bench-wet", path: loin },
    { file: "bench-phone", path: loin, size: PHONE },
    { file: "bench-marinade", path: bench("Buttermilk lamb shoulder") },
    { file: "bench-crust-egg", path: bench("Grey mullet in an egg-white crust") },
    { file: "why", path: loin, act: why },
    { file: "batch", path: `/batch/${loinBatchId}` },
    {
      file: "printed-method",
      path: `/print/batch/${loinBatchId}`,
      size: { width: 900, height: 1000 },
      act: (p) =>
        p.getByRole("region", { name: "What is done" }).evaluate((method) => method.scrollIntoView()),
    },
    { file: "sitting", path: "/sitting", act: sitting(" at the lock", "Next:") },
    { file: "sitting-clash", path: "/sitting", act: sitting("Harvest supper", "A second oven") },
    { file: "record", path: "/record" },
    {
      file: "recipe",
      path: "/stores/recipe",
      act: async (p) => {
        await p.getByLabel(/^Paste or drop a recipe as it is/).fill(LOOSE);
        await p.getByRole("button", { name: "Read it" }).click();
        await p.getByRole("heading", { name: "Line by line" }).waitFor();
        await p.waitForTimeout(800);
      },
    },
    { file: "stores", path: "/stores", dark: true },
    { file: "house-taste", path: "/record/taste" },
    { file: "learned", path: "/record/learned" },
    {
      // Last: the kitchen keeps its measures.
      file: "bench-us",
      path: loin,
      act: async (p) => {
        await p.request.patch(`${BASE}/api/kitchen`, { data: { measures: "us" } });
        await p.reload({ waitUntil: "networkidle" });
        await p.waitForTimeout(3000);
      },
    },
  ];
}

async function take(browser: Browser, shot: Shot): Promise<void> {
  const context = await browser.newContext({
    viewport: shot.size ?? LAPTOP,
    colorScheme: shot.dark ? "dark" : "light",
    reducedMotion: "reduce",
    locale: "en-GB",
  });
  const page = await context.newPage();
  await page.goto(BASE + shot.path, { waitUntil: "networkidle" });
  // The ensemble has softened the window by then.
  await page.waitForTimeout(1500);
  await shot.act?.(page);
  await page.screenshot({ path: `${OUT}/${shot.file}.png` });
  await context.close();
}

async function main(): Promise<void> {
  const DATABASE_PATH = path.join(mkdtempSync(path.join(tmpdir(), "crock-")), "demo.db");
  const db = openDatabase(DATABASE_PATH);
  loadPlannedDemo(db, Date.now());
  await photographDemo(db, Date.now());
  const running = runningBatches(db);
  const loin = running.find((batch) => batch.name === "Juniper pork loin");
  if (!loin) throw new Error("the loin is not running in the example kitchen");

  const server = spawn(
    process.execPath,
    ["node_modules/next/dist/bin/next", "start", "-p", String(PORT), "-H", "127.0.0.1"],
    { env: { ...process.env, DATABASE_PATH, WARM_UP: "off" }, stdio: "ignore" },
  );
  const browser = await chromium.launch(BROWSER);
  try {
    await takeEvening(browser);
    await new Promise((done) => setTimeout(done, 3000));
    const formulas = listFormulas(db);
    const idOf = (name: string) => formulas.find((f) => f.name === name)?.id ?? "";
    for (const shot of shotsFor(loin.formulaId, loin.id, idOf)) await take(browser, shot);
  } finally {
    await browser.close();
    server.kill();
  }
}

void main();
