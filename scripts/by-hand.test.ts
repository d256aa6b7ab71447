import fc from "fast-check";
import { outcomeAt } from "@/core/formula/account/outcome";
import { formulate } from "@/core/formula/formulate";
import { formulations } from "@/core/formula/formulations.fixture";
import type { Formulation } from "@/core/formulation";
import * as explain from "@/features/bench/explain";
import { whyBake, whyCoat, whyCrust, whySour } from "@/features/bench/explain-mixture";
import { whySalt } from "@/features/bench/explain-salt";
import type { Worked } from "@/features/bench/worked";
import { DUCK_LEGS, PORK_LOIN } from "@/server/demo/brines";
import { CELERIAC, GREY_MULLET, MACKEREL } from "@/server/demo/fish-and-crusts";
import { LAMB_SHOULDER, SHORT_RIBS, TOFU } from "@/server/demo/mixtures";
import type { Explanation } from "@/ui/explanation";

const DEMO_FORMULAS = [
  PORK_LOIN,
  DUCK_LEGS,
  LAMB_SHOULDER,
  MACKEREL,
  GREY_MULLET,
  CELERIAC,
  SHORT_RIBS,
  TOFU,
];

/** Every Why the Bench can open on a formula. */
function whysOf(worked: Worked): Explanation[] {
  const { sheet } = worked;
  return [
    explain.whyFlesh(worked),
    whySalt(worked),
    explain.whyMean(worked),
    explain.whySodium(worked),
    explain.whyReady(worked),
    ...(sheet.brine ? [explain.whyWater(worked), explain.whyStrength(worked)] : []),
    ...(sheet.crust ? [whyCrust(worked)] : []),
    ...(sheet.bake ? [whyBake(sheet.bake)] : []),
    ...(sheet.coat ? [whyCoat(worked)] : []),
    ...(sheet.mix ? [whySour(worked)] : []),
  ];
}

const NUMBER = String.raw`\d+(?:\.\d+)?`;
/** A sum's signs, its words left out. */
const signs = (text: string): string[] =>
  text.replace(/\u202f/g, "").match(new RegExp(String.raw`${NUMBER}|[×÷+−()%]`, "g")) ?? [];

/** Reads an expression as it is done on paper: brackets, then × and ÷, then + and −. */
function reckoned(text: string): number {
  const tokens = signs(text);
  let at = 0;
  const factor = (): number => {
    const token = tokens[at++];
    if (token === "−") return -factor();
    let value: number;
    if (token === "(") {
      value = sum();
      at++;
    } else value = Number(token);
    while (tokens[at] === "%") {
      value /= 100;
      at++;
    }
    return value;
  };
  const product = (): number => {
    let value = factor();
    while (tokens[at] === "×" || tokens[at] === "÷") {
      const times = tokens[at++] === "×";
      const next = factor();
      value = times ? value * next : value / next;
    }
    return value;
  };
  const sum = (): number => {
    let value = product();
    while (tokens[at] === "+" || tokens[at] === "−") {
      const plus = tokens[at++] === "+";
      const next = product();
      value = plus ? value + next : value - next;
    }
    return value;
  };
  const value = sum();
  if (at < tokens.length) throw new Error(`not a sum: ${text}`);
  return value;
}

/** A sum done again comes to what stands behind its "=", to the last digit shown (grams to the scale's own step). */
function checkSum(line: string): void {
  const [left, right] = line.split(" = ");
  const label = left.lastIndexOf(": ");
  const value = reckoned(label < 0 ? left : left.slice(label + 2));
  const [shown] = new RegExp(String.raw`−?${NUMBER}`).exec(right.replace(/\u202f/g, "")) ?? [];
  if (shown === undefined) throw new Error(`no result: ${line}`);
  const result = Number(shown.replace("−", "-"));
  const digits = shown.split(".")[1]?.length ?? 0;
  const scale = digits === 0 && result >= 1000 && result % 5 === 0 ? 2.5 : 0;
  const last = Math.max(scale, 0.5 * 10 ** -digits);
  if (!(Math.abs(value - result) <= last * 1.001 + Math.abs(result) * 1e-7))
    throw new Error(`${line}\n  comes to ${value}`);
}

function checkAll(f: Formulation): number {
  const sheet = formulate(f);
  if (!sheet.ok) return 0;
  const worked = { input: f, sheet: sheet.value, outcome: outcomeAt(sheet.value, f.pullH, f.portions) };
  let sums = 0;
  for (const why of whysOf(worked)) {
    expect(why.sum.join("\n")).not.toMatch(/NaN|undefined|Infinity/);
    for (const line of why.sum)
      if (line.includes(" = ")) {
        checkSum(line);
        sums++;
      }
  }
  return sums;
}

test.each(DEMO_FORMULAS.map((f) => [f.name, f] as const))(
  "every Why of %s can be done again by hand",
  (_, f) => {
    expect(checkAll(f)).toBeGreaterThan(4);
  },
);

test("and of sixty others of every kind", () => {
  let sums = 0;
  fc.assert(
    fc.property(formulations, (f) => {
      sums += checkAll(f);
    }),
    { seed: 61, numRuns: 60 },
  );
  expect(sums).toBeGreaterThan(200);
});

test("the check bites: a sum that does not come out is told", () => {
  expect(() => checkSum("2 × 3.00 g + 1 g = 7.1 g")).toThrow("comes to 7");
  expect(() => checkSum("950 g × 12 % ÷ (1 − 0.2) = 142.5 g")).not.toThrow();
});
