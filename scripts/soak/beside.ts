import { once } from "node:events";
import { Worker } from "node:worker_threads";
import sharp from "sharp";
import { trayOf } from "@/core/schedule/sitting.fixture";
import { EXAMPLE_SITTING } from "@/server/api/examples";
import { PORK_LOIN } from "@/server/demo/brines";
import { openKitchen, type Kitchen } from "../../tests/server";
import { pause, residentMb } from "./process";

/** A device that only looks asks this often while something heavy is done. */
const ASKED_EVERY_MS = 20;
const HOUR_MS = 3_600_000;
const CHANNELS = ["probe", "probe2", "fridge", "salinity"] as const;
const COLUMN = {
  probe: "temperature_c",
  probe2: "temperature_c",
  fridge: "temperature_c",
  salinity: "salinity_percent",
};
const PHOTOS = 30;

interface Beside {
  what: string;
  answer: string;
  s: string;
  "others waited at most, ms": string;
  "and with a tap": string;
  "server before, MB": string;
  "at most": string;
}

/** What takes long, one after the other, while others ask: how long it took, how long they waited, and for how much memory. */
export async function soakBeside(port: number): Promise<Beside[]> {
  const kitchen = await openedWhole(port, { example: "whole" });
  const rows: Beside[] = [];
  const startMs = Date.now() - 24 * HOUR_MS;
  const { id } = (await (await post(kitchen, "/api/v1/batches", startOf(startMs))).json()) as { id: string };
  const during = async (what: string, work: () => Promise<string>) => {
    const row = await beside(kitchen, what, work, `/api/batches/${id}/acts/weigh_out`);
    console.log(JSON.stringify(row));
    rows.push(row);
  };
  const csv = dayOf(startMs);
  const again = await openedWhole(port + 1);

  await during("a day of four instruments in, CSV", () =>
    say(send(kitchen, `/api/batches/${id}/csv`, csv, "text/csv")),
  );
  await during("the same out, CSV", () => size(fetch(`${kitchen.url}/api/batches/${id}/csv`)));
  let archive = new ArrayBuffer(0);
  await during("the kitchen out, an archive", async () => {
    archive = await (await fetch(`${kitchen.url}/api/archive`)).arrayBuffer();
    return `${(archive.byteLength / 1e6).toFixed(1)} MB`;
  });
  rows.push(
    await beside(again, "and into an empty one", () =>
      say(send(again, "/api/archive", archive, "application/zip")),
    ),
  );
  await again.kill();
  await during("and in place of all there is", () =>
    say(send(kitchen, "/api/archive?replace=1", archive, "application/zip")),
  );
  await during("a plan of twelve dishes of twelve trays", () =>
    say(post(kitchen, "/api/v1/compute/plan", crowded())),
  );
  const ids: string[] = [];
  await during("a batch begun, five at once", async () => {
    const all = Array.from({ length: 5 }, (_, n) => post(kitchen, "/api/v1/batches", startOf(startMs + n)));
    const begun = await Promise.all(all);
    for (const one of begun) ids.push(((await one.json()) as { id: string }).id);
    return begun.map((r) => r.status).join(" ");
  });
  const [saturday] = (await (await fetch(`${kitchen.url}/api/v1/sittings`)).json()) as { id: string }[];
  await during("a Saturday rehearsed", () =>
    say(post(kitchen, `/api/sittings/${saturday.id}/rehearsal`, {})),
  );
  const picture = await sharp({ create: { width: 7000, height: 7000, channels: 3, background: "#a53" } })
    .jpeg()
    .toBuffer();
  await during(`${PHOTOS} photos of 49 megapixels at once`, async () => {
    const all = Array.from({ length: PHOTOS }, (_, n) =>
      send(kitchen, `/api/batches/${ids[n % ids.length]}/photos`, picture, "image/jpeg").then(
        (r) => r.status,
      ),
    );
    const counts = new Map<number, number>();
    for (const status of await Promise.all(all)) counts.set(status, (counts.get(status) ?? 0) + 1);
    return [...counts].map(([status, n]) => `${n} × ${status}`).join(", ");
  });
  await kitchen.kill();
  console.table(rows);
  return rows;
}

async function beside(
  kitchen: Kitchen,
  what: string,
  work: () => Promise<string>,
  tap?: string,
): Promise<Beside> {
  const before = residentMb(kitchen.pid());
  let [waited, tapped, memory] = [0, 0, 0];
  const asker = new Worker(new URL("asker.mjs", import.meta.url), {
    workerData: {
      url: `${kitchen.url}/api/alive`,
      tap: tap && kitchen.url + tap,
      everyMs: ASKED_EVERY_MS,
    },
  });
  // Its own first question waits for its thread to begin, not for the server.
  await once(asker, "message");
  asker.on("message", (longestMs: { looked: number; tapped: number }) => {
    [waited, tapped] = [longestMs.looked, longestMs.tapped];
    memory = Math.max(memory, residentMb(kitchen.pid()));
  });
  const from = performance.now();
  const answer = await work();
  const took = performance.now() - from;
  asker.postMessage("over");
  await once(asker, "exit");
  return {
    what,
    answer,
    s: (took / 1000).toFixed(1),
    "others waited at most, ms": waited.toFixed(0),
    "and with a tap": tap ? tapped.toFixed(0) : "",
    "server before, MB": before.toFixed(0),
    "at most": memory.toFixed(0),
  };
}

/** As a kitchen is started: it is ready when its pages were asked for once. */
async function openedWhole(port: number, opened: { example?: "whole" } = {}): Promise<Kitchen> {
  const kitchen = await openKitchen(port, { ...opened, env: { WARM_UP: "on" } });
  while (!(await fetch(`${kitchen.url}/api/ready`)).ok) await pause(100);
  return kitchen;
}

const send = (kitchen: Kitchen, path: string, body: BodyInit | Uint8Array, type: string): Promise<Response> =>
  fetch(kitchen.url + path, { method: "POST", headers: { "content-type": type }, body: body as BodyInit });
const post = (kitchen: Kitchen, path: string, body: unknown): Promise<Response> =>
  send(kitchen, path, JSON.stringify(body), "application/json");

async function say(answer: Promise<Response>): Promise<string> {
  const response = await answer;
  return `${response.status} ${(await response.text()).slice(0, 60)}`;
}
async function size(answer: Promise<Response>): Promise<string> {
  const response = await answer;
  return `${response.status} ${((await response.arrayBuffer()).byteLength / 1e6).toFixed(1)} MB`;
}

const startOf = (startAtMs: number) => ({
  formulaId: null,
  formulation: { ...PORK_LOIN, name: `Pork loin ${startAtMs}` },
  startAtMs,
  acknowledgements: [],
});

function dayOf(startMs: number): string {
  const heads = ["at_utc", "what", "temperature_c", "salinity_percent"];
  const lines = [heads.join(",")];
  for (let s = 0; s < 24 * 3600; s++)
    for (const what of CHANNELS) {
      const figure = (3 + Math.sin(s / 900)).toFixed(2);
      const isWarmth = COLUMN[what] === "temperature_c";
      lines.push(
        `${new Date(startMs + s * 1000).toISOString()},${what},${isWarmth ? figure : ""},${isWarmth ? "" : figure}`,
      );
    }
  return lines.join("\r\n");
}

/** Twelve trays each of twelve dishes for one oven: more than fits. */
const crowded = () => {
  const tableMs = Math.ceil(Date.now() / HOUR_MS) * HOUR_MS + 30 * HOUR_MS;
  const dishes = Array.from({ length: 12 }, (_, d) =>
    trayOf(`Dish${d}`, 20, {
      trays: Array.from({ length: 12 }, (_, t) => ({ name: `tray ${t}`, minutes: 10 + t })),
    }),
  );
  return { sitting: { ...EXAMPLE_SITTING, name: "Crowded", tableMs, dishes }, timeZone: "Europe/London" };
};
