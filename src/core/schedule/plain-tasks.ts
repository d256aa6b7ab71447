import { HOB, OVEN, TRAY, type PlainDish } from "./dishes";
import { TaskChain, type DishTasks } from "./task-chain";

/** An oven is heated for so long. *Practice*. */
const PREHEAT_MIN = 20;
/** And may wait so long for what goes in. */
export const HEATED_WAITS_MIN = 15;
/** Trays that end together may do so this far apart. */
const TOGETHER_MIN = 3;
/** What is prepared may stand so long before it is cooked. */
const STANDS_MIN = 240;

/** Tasks of something that is only cooked: prepare, heat the oven, in by baking time, out together, to the table. */
export function plainTasks(dish: PlainDish, tableMin: number): DishTasks {
  const chain = new TaskChain(dish.id);
  const { ovenC } = dish;
  const place = ovenC === undefined ? "on the hob" : "into the oven";
  const uses =
    ovenC === undefined
      ? [{ resourceId: HOB, amount: 1 }]
      : [
          { resourceId: OVEN, amount: 1, ovenC },
          { resourceId: TRAY, amount: 1 },
        ];
  const longest = dish.trays.reduce((a, b) => (b.minutes > a.minutes ? b : a));
  const prep =
    dish.prepMin > 0
      ? chain.put("prep", `Prepare: ${dish.name}`, dish.prepMin, { handsOn: true })
      : undefined;
  const trays = dish.trays.map((tray, i) => {
    const into = chain.put(`in_${i}`, `${tray.name}: ${place}`, 2, { handsOn: true });
    const title = `${tray.name}, ${tray.minutes} min`;
    const task = chain.put(`tray_${i}`, title, tray.minutes, { uses, hot: tray === longest });
    if (prep) chain.link(prep, into, 0, STANDS_MIN);
    chain.link(into, task, 0, 1);
    return { tray, task };
  });
  const main = trays.find(({ tray }) => tray === longest)?.task ?? "";
  if (ovenC !== undefined) chain.link(preheat(chain, ovenC), main, 0, HEATED_WAITS_MIN);
  const serve = chain.serve(dish.name, tableMin);
  for (const { task } of trays) {
    if (task !== main) chain.link(task, main, 0, TOGETHER_MIN, { to: "end" });
    chain.link(task, serve, 0, dish.holdMin);
  }
  return chain;
}

/** The oven comes to its heat with nothing in it yet. */
export const preheat = (chain: TaskChain, ovenC: number): string =>
  chain.put("preheat", `Heat the oven to ${ovenC} °C`, PREHEAT_MIN, {
    uses: [{ resourceId: OVEN, amount: 0, ovenC }],
  });
