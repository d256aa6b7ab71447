import { preheatMin } from "../heat/oven";
import { capital, degrees, lasting } from "../quantity/said";
import { tie } from "./soak";
import { begun, byHand, type Occupies, type Program, type Step } from "./step";
import * as words from "@/words/core/program/plain";

/** Something that is only cooked: trays of vegetables by their baking time, a sauce, a stock. */
export interface PlainDish {
  kind: "plain";
  id: string;
  name: string;
  prepMin: number;
  /** Each goes in by its own time, all come out together. */
  trays: { name: string; minutes: number }[];
  /** Oven air, °C; left out on the hob. */
  ovenC?: number | undefined;
  /** How long this kitchen's oven is known to take to its heat, over the usual. */
  heatUp?: number | undefined;
  /** How long it may wait once done. */
  holdMin: number;
}

/** What is prepared may stand so long before it is cooked, min. *Practice*. */
const STANDS_MIN = 240;
/** Trays that should be ready together may be so far apart, where hands are wanted elsewhere. */
const TOGETHER_MIN = 3;
const HEATED_WAITS_MIN = 15;
const SERVE_MIN = 5;

/** The program of something that is only cooked: prepared, the oven heated, each tray in by its time, all out together. */
export function plainProgram(dish: PlainDish): Program {
  const { ovenC, prepMin, trays, holdMin } = dish;
  const heatsUpMin = preheatMin(dish.heatUp);
  const longest = trays.reduce((a, b) => (b.minutes > a.minutes ? b : a));
  const main = `tray_${trays.indexOf(longest)}`;
  const prep: Step[] =
    prepMin > 0
      ? [
          {
            ...byHand("prep", "clean", prepMin, words.prepareThe(lower(dish.name)), words.cutAlikeSoThatAll),
            atMin: -prepMin - longest.minutes,
          },
        ]
      : [];
  const occupies: Occupies[] =
    ovenC === undefined ? [{ what: "ring" }] : [{ what: "oven", airC: ovenC }, { what: "tray" }];
  const inHeat = trays.map((tray, i): Step => ({
    ...begun(
      `tray_${i}`,
      "cook",
      tray.minutes,
      `${capital(tray.name)} ${ovenC === undefined ? words.onTheHob : words.intoTheOven(degrees(ovenC))}, ${lasting(tray.minutes)}`,
      words.sortedByTheirTimeSo(trays.length),
      { occupies, figures: [{ what: words.lasts, value: tray.minutes, unit: "min" }] },
    ),
    atMin: -tray.minutes,
  }));
  const heat: Step[] =
    ovenC === undefined
      ? []
      : [
          {
            ...begun(
              "preheat",
              "preheat",
              heatsUpMin,
              words.heatTheOvenTo(degrees(ovenC)),
              words.anOvenTakesLongerThan,
              {
                handsMin: 1,
                occupies: [{ what: "oven", airC: ovenC }],
              },
            ),
            atMin: -longest.minutes - heatsUpMin,
          },
        ];
  const serve = byHand(
    "serve",
    "serve",
    SERVE_MIN,
    words.toTheTable(capital(dish.name)),
    words.outOfTheHeatOn,
  );
  return {
    steps: [...prep, ...heat, ...inHeat, serve].sort((a, b) => a.atMin - b.atMin),
    ties: [
      ...prep.flatMap((p) => inHeat.map((t) => tie(p.id, "end", t.id, "start", 0, STANDS_MIN))),
      ...heat.map((h) => tie(h.id, "end", main, "start", 0, HEATED_WAITS_MIN)),
      ...inHeat
        .filter((t) => t.id !== main)
        .map((t) => tie(main, "end", t.id, "end", -TOGETHER_MIN, TOGETHER_MIN, { wantedMin: 0 })),
      ...inHeat.map((t) => tie(t.id, "end", "serve", "start", 0, holdMin)),
    ],
    soakH: 0,
    readyMin: prepMin,
    tableMin: SERVE_MIN,
  };
}
const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
