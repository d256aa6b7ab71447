// Sends a fridge sensor's reading once a minute (EVERY_S). KITCHEN, TOKEN, BATCH; the sensor's file as the first argument.
// One-wire sensors write thousandths of a degree ("t=3125"); others a plain number in °C, or in °F with UNIT=°F.
import { readFileSync } from "node:fs";

const { KITCHEN, TOKEN, BATCH, UNIT = "°C", EVERY_S = "60" } = process.env;
const headers = { "content-type": "application/json", ...(TOKEN && { authorization: `Bearer ${TOKEN}` }) };

async function look() {
  const text = readFileSync(process.argv[2], "utf8");
  const thousandths = /t=(-?\d+)/.exec(text);
  const value = thousandths ? Number(thousandths[1]) / 1000 : Number.parseFloat(text);
  if (!Number.isFinite(value)) return console.error(`no figure in “${text.trim()}”`);
  const body = JSON.stringify({ channel: "fridge", atMs: Date.now(), value, unit: UNIT });
  const sent = await fetch(`${KITCHEN}/api/v1/batches/${BATCH}/samples`, { method: "POST", headers, body });
  if (!sent.ok) console.error(sent.status, (await sent.json()).detail);
}

await look();
if (Number(EVERY_S) > 0) setInterval(() => void look().catch(console.error), Number(EVERY_S) * 1000);
