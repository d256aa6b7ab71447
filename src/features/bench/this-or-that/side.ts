import type { WorkedOut } from "@/core/bench/worked";
import { choiceOf } from "@/core/preparations";
import { fixed, grams, percent, roughly } from "@/ui/format";
import type { Units } from "@/ui/units";
import { WAY_NAME } from "../ways/way-words";
import * as words from "@/words/bench/this-or-that/side";

/** One row of the two: what it tells of, and what each side says. */
export interface Row {
  name: string;
  say: (side: WorkedOut) => string;
}

/** What the way is called; two of one kind are told apart by what differs below. */
export const wayOf = ({ input }: WorkedOut): string => WAY_NAME[choiceOf(input.preparation)];

/** The figures by which a cook chooses between two. */
export const rowsFor = (units: Units): Row[] => [
  {
    name: words.giveOrTake,
    say: ({ salt }) => {
      const [low, high] = [percent(salt.low, 1), percent(salt.high, 1)];
      return words.lessThanShows({ narrow: low === high, low, high });
    },
  },
  { name: words.inTheMiddle, say: ({ outcome }) => `${percent(outcome.centreFraction, 1)} %` },
  { name: words.asWantedFrom, say: readySaid },
  { name: words.howStrong, say: strengthSaid },
  { name: words.saltToWeigh, say: ({ sheet }) => `${grams(saltG(sheet))} g` },
  {
    name: words.sodiumAPortion,
    say: ({ outcome }) => `${fixed(outcome.ledger.sodiumMgPerPortion / 1000, 2)} g`,
  },
  {
    name: words.tub,
    say: ({ sheet }) => (sheet.liquidMl > 0 ? units.volume(sheet.liquidMl + sheet.fit.foodMl) : "none"),
  },
  { name: words.toMind, say: ({ findings }) => findingsSaid(findings) },
];

function readySaid({ sheet }: WorkedOut): string {
  const { ready, past, keepLimitH } = sheet.soak.window;
  if (ready.likely === undefined || ready.likely >= (past.likely ?? keepLimitH))
    return words.notWhileItMayStand;
  return roughly(ready.likely);
}

function strengthSaid({ sheet }: WorkedOut): string {
  if (sheet.brine) return words.brine(percent(sheet.brine.saltFraction, 1));
  if (sheet.crust) return words.to1(fixed(sheet.crust.ratio, 2));
  return words.ofTheMeat(percent(sheet.naclG / sheet.flesh.massG, 1));
}

const saltG = ({ lines }: WorkedOut["sheet"]): number =>
  lines.filter((l) => l.role === "salt").reduce((sum, l) => sum + l.massG, 0);

function findingsSaid(findings: WorkedOut["findings"]): string {
  const stops = findings.filter((f) => f.severity === "stop").length;
  const cautions = findings.filter((f) => f.severity === "caution").length;
  if (stops === 0 && cautions === 0) return words.nothing;
  const said = [stops > 0 && words.stops(stops), cautions > 0 && words.cautions(cautions)];
  return said.filter(Boolean).join(", ");
}
