import { celsiusFromFahrenheit } from "../quantity/units";

export interface SaidTemperature {
  celsius: number;
  text: string;
}

const DEGREES =
  /(\d{2,3})\s*(?:-|–|to)?\s*(?:\d{2,3})?\s*(?:°|º|degrees?|deg)?\s*(C|F|celsius|centigrade|fahrenheit)\b/gi;
const BARE_DEGREES = /(\d{2,3})\s*(?:°|º|degrees?)(?!\s*(?:C|F|celsius|fahrenheit|centigrade))/gi;
const GAS_MARK = /\bgas(?: mark)?\s*(\d)\b/gi;
/** British gas marks: 140 °C at mark 1, 14 °C (25 °F) a mark. *Practice*. */
const gasC = (mark: number): number => celsiusFromFahrenheit(250 + 25 * mark);
/** A bare figure above this is Fahrenheit: no oven is set to it in Celsius. */
const SURELY_F = 290;
/** Two ways of writing one temperature differ by rounding at most so much, °C. */
const SAME_C = 9;

/** Every temperature a sentence names, °C; one written twice, in °C and °F, is named once. */
export function temperaturesIn(sentence: string): SaidTemperature[] {
  const found: SaidTemperature[] = [];
  const add = (celsius: number, text: string) => {
    if (!found.some((f) => Math.abs(f.celsius - celsius) <= SAME_C)) found.push({ celsius, text });
  };
  for (const [text, figure, unit] of sentence.matchAll(DEGREES))
    add(/^f/i.test(unit) ? celsiusFromFahrenheit(Number(figure)) : Number(figure), text);
  for (const [text, figure] of sentence.matchAll(BARE_DEGREES))
    add(Number(figure) > SURELY_F ? celsiusFromFahrenheit(Number(figure)) : Number(figure), text);
  for (const [text, mark] of sentence.matchAll(GAS_MARK)) add(gasC(Number(mark)), text);
  return found;
}
