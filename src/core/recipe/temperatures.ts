import { rows as OVENS } from "../materials/tables/ovens.table";
import { celsiusFromFahrenheit } from "../quantity/units";
import { FIGURE, valueOf } from "./amounts";

export interface SaidTemperature {
  celsius: number;
  text: string;
  /** Where it stands in the sentence. */
  at: number;
}

const DEGREES =
  /(?<!\b(?:h|hrs?|hours?)\s)(\d{2,3})\s*(?:(?:-|–|to)\s*\d{2,3})?\s*(?:°|º|degrees?|deg\.?)?\s*(C|F|celsius|centigrade|fahrenheit)\b(?!\w)/gi;
const BARE_DEGREES = /(\d{2,3})\s*(?:°|º|degrees?)(?!\s*(?:C|F|celsius|fahrenheit|centigrade)\b)/gi;
const IN_WORDS = new RegExp(String.raw`\b(${FIGURE})\s+degrees\b`, "giu");
const GAS_MARK = /\bgas(?: mark)?\s*(\d)\b/gi;
/** "oven at 160", "thermometer says 88": a bare figure in such company is a temperature. */
const BARE_OVEN =
  /\boven(?:\s+\w+){0,3}?\s+(?:at|to)\s+(\d{3})\b(?!\s*(?:°|º|g|ml|min|hours?|degrees|[CF]\b))/gi;
const BARE_CORE =
  /\b(?:says?|reads?|shows?|reaches|registers?|hits)\s+(?:about\s+)?(\d{2,3})\b(?!\s*(?:°|º|g|ml|min|hours?|degrees|[CF]\b|%|kg|mm|cm))/gi;
/** "then foil off, 200 for 20 mins", "oven, 150, covered": a bare figure such as ovens are set to. */
const BARE_HEAT =
  /(?<![\d.,/])([12]\d[05])(?=\s+for\s+(?:about\s+)?(?:\d{1,3}\s*(?:min|m\b|h)|an?\b|half\b|one\b|two\b|three\b))|(?:min(?:ute)?s?|hours?|hrs?)\s+at\s+([12]\d[05])\b(?!\s*(?:°|º|g|ml|F\b|C\b|degrees))|\boven,\s+(?:at\s+)?([12]\d[05])\b(?!\s*(?:°|º|g|ml|min|hours?))/gi;
/** "Core 62.", "50 in the middle", "3 hours to 88": a middle by its figure alone. */
const BARE_MIDDLE =
  /\b(?:core|centre|center|middle)\s+(?:of\s+|at\s+)?(\d{2,3})(?=\s*(?:[.,;)]|$))|\b(\d{2,3})\s+(?:in the (?:middle|centre|center)|core)\b|\b(?:hours?|hrs?|minutes?|mins?)\s+to\s+(\d{2,3})(?=\s*(?:[.,;)]|$))/gi;
/** A bare figure above this is Fahrenheit: no oven is set to it in Celsius. */
const SURELY_F = 290;
/** Two ways of writing one temperature, side by side, differ by rounding and by a fan at most so much, °C. */
const SAME_C = 9;
const FAN_C = 22;

/** Oven air at a gas mark, °C, by the oven table. */
const gasC = (mark: number): number | undefined => OVENS.find((o) => Number(o.gasMark) === mark)?.ovenC;

/** Every temperature a sentence names, °C, in order; one written twice, in °C and °F or for a fan, is named once. */
export function temperaturesIn(sentence: string): SaidTemperature[] {
  const all: SaidTemperature[] = [];
  const free = (at: number) => !all.some((f) => at >= f.at && at < f.at + f.text.length);
  const add = (celsius: number | undefined, text: string, at: number) => {
    if (celsius !== undefined && Number.isFinite(celsius) && free(at)) all.push({ celsius, text, at });
  };
  for (const m of sentence.matchAll(DEGREES))
    add(/^f/i.test(m[2]) ? celsiusFromFahrenheit(Number(m[1])) : Number(m[1]), m[0], m.index);
  for (const m of sentence.matchAll(BARE_DEGREES)) add(bare(Number(m[1])), m[0], m.index);
  for (const m of sentence.matchAll(IN_WORDS)) add(bare(valueOf(m[1])), m[0], m.index);
  for (const m of sentence.matchAll(GAS_MARK)) add(gasC(Number(m[1])), m[0], m.index);
  for (const m of sentence.matchAll(BARE_OVEN)) add(bare(Number(m[1])), m[0], m.index);
  for (const m of sentence.matchAll(BARE_CORE)) add(bareCore(Number(m[1])), m[0], m.index);
  for (const m of sentence.matchAll(BARE_HEAT)) {
    const figure = m[1] ?? m[2] ?? m[3];
    add(Number(figure), figure, m.index + m[0].lastIndexOf(figure));
  }
  for (const m of sentence.matchAll(BARE_MIDDLE)) {
    const figure = m[1] ?? m[2] ?? m[3];
    add(bareCore(Number(figure)), figure, m.index + m[0].lastIndexOf(figure));
  }
  return all
    .sort((a, b) => a.at - b.at)
    .filter((t, i, sorted) => {
      const before = sorted[i - 1];
      if (!before) return true;
      const gap = sentence.slice(before.at + before.text.length, t.at);
      const beside = gap.length < 14 && /^[\s/(,;]*(?:fan|or|=)?[\s:/(]*$/i.test(gap);
      const apart = Math.abs(before.celsius - t.celsius);
      return !(
        beside &&
        apart <=
          (/fan/i.test(gap + t.text + sentence.slice(t.at + t.text.length, t.at + t.text.length + 6))
            ? FAN_C
            : SAME_C)
      );
    });
}

const bare = (value: number): number => (value > SURELY_F ? celsiusFromFahrenheit(value) : value);
/** No core is cooked to more than 100 °C. */
const bareCore = (value: number): number | undefined =>
  value < 40 ? undefined : value > 100 ? (value <= 212 ? celsiusFromFahrenheit(value) : undefined) : value;
