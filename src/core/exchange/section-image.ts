import { momentAt } from "../diffusion/moment";
import type { Formulated } from "../formula/formulate";
import { HOUR_S } from "../formula/soak/window";

const WIDTH = 240;
const HEIGHT = 120;
/** No salt, and half as much again as is wanted: paler and darker than that is not told apart. */
const PALE = [244, 239, 228];
const SALTY = [31, 95, 107];
const FULL = 1.5;
const SHADES_A_HALF = 8;
const DOWN = 'x1="0" y1="0" x2="0" y2="1"';
const SIDEWAYS = 'x1="0.1" y1="0" x2="0.2" y2="0" spreadMethod="reflect"';

/** How far the salt is when it is taken out, from face to face through the piece, as a small SVG drawing. */
export function sectionSvg({ soak, load }: Pick<Formulated, "soak" | "load">, hours: number): string {
  const { perWater } = momentAt(soak.run, hours * HOUR_S);
  const half = Array.from(
    { length: SHADES_A_HALF },
    (_, i) => perWater[Math.round((i * (perWater.length - 1)) / (SHADES_A_HALF - 1))] ?? 0,
  );
  // Cells run from the middle to the face; the drawing from one face to the other, or out from each place it was put in.
  const within = load.contact.kind === "within";
  const shades = (within ? half : [...[...half].reverse(), ...half]).map((value) =>
    shadeOf(value / (FULL * load.targetPerWater)),
  );
  const stops = shades.map(
    (shade, i) =>
      `<stop offset="${Math.round((100 * i) / (shades.length - 1))}%" stop-color="rgb(${shade.join(",")})"/>`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${HEIGHT}">`,
    `<linearGradient id="s" ${within ? SIDEWAYS : DOWN}>${stops.join("")}</linearGradient>`,
    `<rect width="${WIDTH}" height="${HEIGHT}" rx="14" fill="url(#s)" stroke="rgb(31,35,38)"/></svg>`,
  ].join("");
}

/** The same in a data address, for other programs. */
export const sectionDataUrl = (sheet: Pick<Formulated, "soak" | "load">, hours: number): string =>
  `data:image/svg+xml,${encodeURIComponent(sectionSvg(sheet, hours))}`;

function shadeOf(share: number): number[] {
  const t = Math.min(1, Math.max(0, share));
  return PALE.map((pale, i) => Math.round(pale + t * ((SALTY[i] ?? pale) - pale)));
}
