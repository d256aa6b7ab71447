/* A device of its own that asks again and again, and tells the longest it waited: on a thread beside the one that sends,
   whose own work would count as waiting. Where there is an act to tap, it is tapped and taken back in turns. */
import { parentPort, workerData } from "node:worker_threads";

const { url, tap, everyMs } = workerData;
let isOver = false;
let isDone = false;
const longestMs = { looked: 0, tapped: 0 };
parentPort.on("message", () => (isOver = true));

async function timed(what, ask) {
  const from = performance.now();
  const answer = await ask();
  await answer.arrayBuffer();
  if (!answer.ok) throw new Error(`${what}: ${answer.status}`);
  longestMs[what] = Math.max(longestMs[what], performance.now() - from);
}

const tapped = () =>
  isDone
    ? fetch(tap, { method: "DELETE" })
    : fetch(tap, {
        method: "PUT",
        headers: { "content-type": "application/json" },
        body: JSON.stringify({ atMs: Date.now() }),
      });

while (!isOver) {
  await timed("looked", () => fetch(url));
  if (tap) {
    await timed("tapped", tapped);
    isDone = !isDone;
  }
  parentPort.postMessage(longestMs);
  await new Promise((wait) => setTimeout(wait, everyMs));
}
parentPort.close();
