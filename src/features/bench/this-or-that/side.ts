import type { WorkedOut } from "@/core/bench/worked";
import { choiceOf } from "@/core/preparations";
import { fixed, grams, percent, roughly } from "@/ui/format";
import type { Units } from "@/ui/units";
import { WAY_NAME } from "../ways/way-words";

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
    name: "give or take",
    say: ({ salt }) => {
      const [low, high] = [percent(salt.low, 1), percent(salt.high, 1)];
      return low === high ? "less than shows" : `${low} to ${high} %`;
    },
  },
  { name: "in the middle", say: ({ outcome }) => `${percent(outcome.centreFraction, 1)} %` },
  { name: "as wanted from", say: readySaid },
  { name: "how strong", say: strengthSaid },
  { name: "salt to weigh", say: ({ sheet }) => `${grams(saltG(sheet))} g` },
  {
    name: "sodium a portion",
    say: ({ outcome }) => `${fixed(outcome.ledger.sodiumMgPerPortion / 1000, 2)} g`,
  },
  {
    name: "tub",
    say: ({ sheet }) => (sheet.liquidMl > 0 ? units.volume(sheet.liquidMl + sheet.fit.foodMl) : "none"),
  },
  { name: "to mind", say: ({ findings }) => findingsSaid(findings) },
];

function readySaid({ sheet }: WorkedOut): string {
  const { ready, past, keepLimitH } = sheet.soak.window;
  if (ready.likely === undefined || ready.likely >= (past.likely ?? keepLimitH))
    return "not while it may stand";
  return roughly(ready.likely);
}

function strengthSaid({ sheet }: WorkedOut): string {
  if (sheet.brine) return `${percent(sheet.brine.saltFraction, 1)} % brine`;
  if (sheet.crust) return `${fixed(sheet.crust.ratio, 2)} to 1`;
  return `${percent(sheet.naclG / sheet.flesh.massG, 1)} % of the meat`;
}

const saltG = ({ lines }: WorkedOut["sheet"]): number =>
  lines.filter((l) => l.role === "salt").reduce((sum, l) => sum + l.massG, 0);

function findingsSaid(findings: WorkedOut["findings"]): string {
  const stops = findings.filter((f) => f.severity === "stop").length;
  const cautions = findings.filter((f) => f.severity === "caution").length;
  if (stops === 0 && cautions === 0) return "nothing";
  const said = [
    stops > 0 && `${stops} ${stops === 1 ? "stop" : "stops"}`,
    cautions > 0 && `${cautions} ${cautions === 1 ? "caution" : "cautions"}`,
  ];
  return said.filter(Boolean).join(", ");
}
