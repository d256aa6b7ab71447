import type { Page } from "../kitchen";

/* A kitchen with American measures reads no metric figure but grams, which its scale has, on any screen. */

const METRIC =
  /(?<![\w.])\d[\d\u202f.,]*(?:[ \u202f]?(?:°C|mm|cm|kg|ml|litres?)(?![\w²³/])|[ \u202f]L(?![\w/]))/;

/** Lines of what is shown, typed or told of that hold a metric figure. */
export async function metricOn(page: Page): Promise<string[]> {
  const said = await page.evaluate(() => {
    const shown = (e: Element) => e.checkVisibility();
    const fields = [...document.querySelectorAll("input")].filter(shown).map((e) => e.value);
    const told = [...document.querySelectorAll("[aria-label]")]
      .filter(shown)
      .map((e) => e.getAttribute("aria-label") ?? "");
    const drawn = [...document.querySelectorAll("svg text")].map((e) => e.textContent ?? "");
    return [document.body.innerText, ...fields, ...told, ...drawn].join("\n");
  });
  return [...new Set(said.split("\n").map((line) => line.trim()))].filter((line) => METRIC.test(line));
}
