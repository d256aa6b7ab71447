import { FIGURE, valueOf } from "./amounts";

const WHO =
  "people|persons|folks?|guests|mouths|eaters|hungry|servings|portions|of us|at table|diners|friends|adults|covers";
const SERVES = new RegExp(
  String.raw`\b(?:serves|eats|feeds|feeding|fed|makes|yields?|servings?|portions?|enough for|sufficient for)\s*:?\s*(?:about\s*|around\s*)?(${FIGURE})\b(?!\s*(?:min|hours?|h\b|days?|k?g\b|ml|cups?|°|%|cm|mm|inch|loaves|l\b))`,
  "iu",
);
const BEHIND = new RegExp(String.raw`\b(${FIGURE})\s+(?:\w+\s+)?(?:${WHO})\b`, "iu");
const PLAIN = new RegExp(
  String.raw`(?:^|[.;(*]\s*|\b(?:dinner|supper|lunch|meal)\s+)for\s+(?:about\s+)?(${FIGURE})(?:\s+or\s+(?:${FIGURE}))?(?=\s*(?:[.,;)*](?!\d)|$|\s(?:${WHO})\b))`,
  "iu",
);

/** How many a text says it feeds; null where it says nothing. */
export function servesIn(text: string): number | null {
  for (const said of [SERVES, BEHIND, PLAIN]) {
    const found = said.exec(text);
    const value = found ? valueOf(found[1]) : NaN;
    if (Number.isFinite(value) && value >= 1 && value <= 500) return Math.round(value);
  }
  return null;
}
