import { FIGURE, valueOf } from "./amounts";
import { timesIn } from "./times";

/* What a method says of the work itself that is no time and no heat of the food. */

export interface SaidSlashes {
  depthMm: number;
  spacingMm: number;
}

/** How thick a crust is packed, mm. */
export interface SaidCrust {
  underMm: number;
  overMm: number;
}

export interface SaidKeptBack {
  grams: number;
  use: "sauce" | "glaze" | "baste" | "dressing";
}

export interface SaidBeside {
  minutes: number;
  /** The words that say what. */
  text: string;
}

/** A length as it is written: figure, then unit. */
export const LENGTH = String.raw`(${FIGURE})\s*-?\s*(mm|cm|in(?:ch(?:es)?)?\b|["″])`;
const SLASHED = new RegExp(
  String.raw`\b(?:slash|scor|cut)\w*\b[^.;]{0,40}?${LENGTH}\s*deep[^.;]{0,20}?\b(?:every|apart)\s*${LENGTH}`,
  "iu",
);
const KEPT_BACK =
  /\b(?:set|put|keep|hold)\s+(\d[\d ]{0,6}(?:[.,]\d+)?)\s?(?:g|ml)\b(?: of (?:it|the \w{1,20}))? (?:aside|back)(?:[^.;]{0,40}? for (?:the |a )?(sauce|glaze|glazing|dressing|basting))?/i;
const BESIDE = /\bbeside it\b[^:;.]{0,30}\boven\b([^:;.]{0,60}):\s*([^.;]{1,120})/i;

const PACKED = new RegExp(
  String.raw`\b(?:bed|layer) of ${LENGTH}[^;]{0,40}?${LENGTH}\s*(?:over|on top|above)`,
  "iu",
);

/** "1 cm of salt beneath, 2 cm over the fish". */
const PACKED_ALSO = new RegExp(
  String.raw`${LENGTH} (?:of salt )?(?:beneath|under(?:neath)?|below)\b[^;.]{0,20}?${LENGTH}\s*(?:over|on top|above)`,
  "iu",
);

/** @param unit mm, cm or inches as `LENGTH` takes them */
export const mmOf = (figure: string, unit: string): number =>
  valueOf(figure) * (unit.toLowerCase() === "mm" ? 1 : unit.toLowerCase() === "cm" ? 10 : 25.4);

const USES: Record<string, SaidKeptBack["use"]> = {
  glaze: "glaze",
  glazing: "glaze",
  dressing: "dressing",
  basting: "baste",
};

/** "For the last 15 minutes: brush the glaze on". */
const GLAZED =
  /\b(?:for|in) the last ([^:;.]{0,40}?)[:,]?\s?(?:brush|spoon|paint|put)\b[^.;]{0,40}\bglaze\b/i;

/** @param sentences of the method */
export function workSaid(sentences: readonly string[]): {
  slashes: SaidSlashes | undefined;
  keptBack: SaidKeptBack | undefined;
  beside: SaidBeside[];
  glazeLastMin: number | undefined;
  crust: SaidCrust | undefined;
} {
  const first = <T>(read: (sentence: string) => T | undefined): T | undefined => {
    for (const sentence of sentences) {
      const found = read(sentence);
      if (found !== undefined) return found;
    }
    return undefined;
  };
  return {
    slashes: first((sentence) => {
      const found = SLASHED.exec(sentence);
      return found ? { depthMm: mmOf(found[1], found[2]), spacingMm: mmOf(found[3], found[4]) } : undefined;
    }),
    keptBack: first((sentence) => {
      const found = KEPT_BACK.exec(sentence);
      return found
        ? {
            grams: Number(found[1].replaceAll(" ", "").replace(",", ".")),
            use: USES[(found[2] ?? "").toLowerCase()] ?? "sauce",
          }
        : undefined;
    }),
    crust: first((sentence) => {
      const found = PACKED.exec(sentence) ?? PACKED_ALSO.exec(sentence);
      return found ? { underMm: mmOf(found[1], found[2]), overMm: mmOf(found[3], found[4]) } : undefined;
    }),
    glazeLastMin: first((sentence) => {
      const found = GLAZED.exec(sentence);
      const [time] = found ? timesIn(found[1]) : [];
      return time && (time.low + time.high) / 2;
    }),
    beside: sentences.flatMap((sentence) => {
      const found = BESIDE.exec(sentence);
      const [time] = found ? timesIn(found[1]) : [];
      return found && time ? [{ minutes: (time.low + time.high) / 2, text: found[2] }] : [];
    }),
  };
}
