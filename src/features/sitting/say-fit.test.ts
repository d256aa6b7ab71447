import type { Answer } from "@/core/schedule/answer";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { sayAll } from "./say-fit";

const HOUR = 3_600_000;
const NIGHT = { fromMs: 22 * HOUR, toMs: 30 * HOUR };

const task = (startH: number, part: Partial<PlannedTask> = {}): PlannedTask => ({
  id: `t${startH}`,
  dishId: "d",
  dish: "Dish",
  stepId: "s",
  kind: "turn",
  title: "Turn it",
  why: "",
  figures: [],
  startMs: startH * HOUR,
  endMs: startH * HOUR + HOUR / 4,
  earliestMs: 0,
  latestMs: 0,
  handsMin: 5,
  handsOn: true,
  elastic: false,
  uses: [],
  ...part,
});

const oven = (ovenC: number, amount = 1) => ({ uses: [{ resourceId: "oven1", amount, ovenC }] });

const planned = (
  tasks: PlannedTask[],
  part: Partial<Extract<Answer, { status: "planned" }>> = {},
): Answer => ({
  status: "planned",
  tasks,
  cost: 0,
  parts: { unloved: 0, hotWait: 0, offPrefer: 0, offWanted: 0, offGently: 0, crowded: 0 },
  nights: [NIGHT],
  soakH: {},
  ...part,
});

test.each([
  [
    planned([task(18)]),
    "Everything fits. Nobody gets up in the night. Hot food comes straight to the table.",
  ],
  // Just before the night's end, and just at it.
  [
    planned([task(29.9)]),
    "Everything fits. Somebody gets up once in the night. Hot food comes straight to the table.",
  ],
  [
    planned([task(30)]),
    "Everything fits. Nobody gets up in the night. Hot food comes straight to the table.",
  ],
  [
    planned(
      [
        task(23),
        task(27),
        task(20, oven(180)),
        task(21, oven(200)),
        task(22, { ...oven(220, 0), handsOn: false }),
      ],
      {
        parts: { unloved: 2, hotWait: 12.4, offPrefer: 0, offWanted: 0, offGently: 0, crowded: 0 },
      },
    ),
    "Everything fits. Somebody gets up for 2 acts in the night. 2 acts are early or late in the day. Hot food waits 12 min in all. Heats: 180 °C, then 200 °C.",
  ],
  [
    planned([task(18)], { late: { byMin: 25, clash: [], demands: [], unsure: false } }),
    "Late by 25 min. Nobody gets up in the night. Hot food comes straight to the table.",
  ],
  [{ status: "clash", clash: [], demands: [], unsure: false } as Answer, "It does not fit as it is."],
])("a sitting in a line", (answer, said) => expect(sayAll(answer)).toBe(said));
