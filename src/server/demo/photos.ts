import { asc, eq, isNotNull } from "drizzle-orm";
import sharp from "sharp";
import { formulationSchema } from "@/contracts/formulation";
import type { Formulation } from "@/core/formulation";
import type { Kingdom } from "@/core/materials/facts";
import { findFood } from "@/core/materials/lookup";
import type { Db } from "../database";
import { keepPhoto } from "../photos";
import { batches, formulaVersions } from "../schema";

/* The example's photos: no camera stood there, so the plates are drawn. */

const WIDTH = 960;
const HEIGHT = 720;
/** So long after it was taken out the plates are photographed, ms. */
const PLATED_AFTER_MS = 5 * 3_600_000;

interface Plate {
  flesh: string;
  rim: string;
  pieces: number;
  round: boolean;
}

const COLOURS: Partial<Record<Kingdom, [flesh: string, rim: string]>> = {
  fish_lean: ["#e9dcc6", "#8d8f8c"],
  fish_fatty: ["#dfc3a8", "#7c858a"],
  bird: ["#b9745c", "#7a4527"],
  plant: ["#eadfb4", "#a8823f"],
  plant_gel: ["#ece2c8", "#8a4a25"],
};
const RED_MEAT: [string, string] = ["#c79180", "#5f3520"];

/** Flesh and its browned rim by what the food is, never by what it is called. */
function plateOf({ foodId, pieces }: Formulation): Plate {
  const food = findFood(foodId);
  const [flesh, rim] = (food && COLOURS[food.kingdom]) ?? RED_MEAT;
  const round = food?.kingdom === "plant";
  return { flesh, rim, round, pieces: Math.max(3, Math.min(7, pieces.count)) };
}

/** A plate seen from above: slices fanned out, a little green, the wood it stands on. */
function drawing({ flesh, rim, pieces, round }: Plate, turn: number): string {
  const slices = Array.from({ length: pieces }, (_, i) => {
    const x = WIDTH / 2 + (i - (pieces - 1) / 2) * (420 / pieces);
    const lean = (i - (pieces - 1) / 2) * 5 + turn;
    const shape = round
      ? `<ellipse rx="78" ry="92"/>`
      : `<path d="M-62,-120 C-20,-150 40,-140 62,-100 C76,-30 74,60 52,118 C10,140 -40,136 -60,108 C-78,40 -80,-50 -62,-120 Z"/>`;
    return `<g transform="translate(${x.toFixed(0)} ${HEIGHT / 2 + 8}) rotate(${lean.toFixed(0)})">
      <g fill="#0006" transform="translate(8 10)">${shape}</g>
      <g fill="${flesh}" stroke="${rim}" stroke-width="13">${shape}</g>
      <g fill="none" stroke="#fff3" stroke-width="5"><path d="M-26,-60 q24,52 4,122"/><path d="M14,-74 q22,64 6,140"/></g>
    </g>`;
  });
  const leaves = Array.from({ length: 5 }, (_, i) => {
    const angle = ((i * 67 + turn * 11) % 360) * (Math.PI / 180);
    const [x, y] = [WIDTH / 2 + 210 * Math.cos(angle), HEIGHT / 2 + 190 * Math.sin(angle)];
    return `<ellipse cx="${x.toFixed(0)}" cy="${y.toFixed(0)}" rx="26" ry="11" fill="#5c7c3f" transform="rotate(${i * 40} ${x.toFixed(0)} ${y.toFixed(0)})"/>`;
  });
  const boards = [0, 1, 2, 3]
    .map(
      (i) =>
        `<rect y="${i * 180}" width="${WIDTH}" height="177" fill="${["#8b6440", "#93694a", "#86603c", "#8f6745"][i]}"/>`,
    )
    .join("");
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}">
    ${boards}
    <circle cx="${WIDTH / 2 + 10}" cy="${HEIGHT / 2 + 16}" r="318" fill="#0005"/>
    <circle cx="${WIDTH / 2}" cy="${HEIGHT / 2}" r="316" fill="#f2ede1"/>
    <circle cx="${WIDTH / 2}" cy="${HEIGHT / 2}" r="252" fill="none" stroke="#d9d0bd" stroke-width="4"/>
    ${slices.join("")}${leaves.join("")}
  </svg>`;
}

/** Puts a drawn plate with every batch of the example that was judged. */
export async function photographDemo(db: Db, nowMs: number): Promise<void> {
  const judged = db
    .select({ id: batches.id, liftedAtMs: batches.liftedAtMs, body: formulaVersions.body })
    .from(batches)
    .innerJoin(formulaVersions, eq(batches.formulaVersionId, formulaVersions.id))
    .where(isNotNull(batches.saltScore))
    .orderBy(asc(batches.startedAtMs))
    .all();
  for (const [n, { id, liftedAtMs, body }] of judged.entries()) {
    const svg = drawing(plateOf(formulationSchema.parse(body)), ((n * 7) % 13) - 6);
    const picture = await sharp(Buffer.from(svg)).png().toBuffer();
    await keepPhoto(db, id, picture, Math.min(nowMs, (liftedAtMs ?? nowMs) + PLATED_AFTER_MS));
  }
}
