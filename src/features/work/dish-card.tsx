import type { PlacedStep } from "@/core/program/at-work";
import { ActCard } from "./cards/act-card";
import { HeatCard } from "./cards/heat-card";
import { onCard, type DishAtWork } from "./dish-at-work";
import * as words from "@/words/work/dish-card";

interface Props {
  dish: DishAtWork;
  /** An act the cook asked to see; left out, the one in hand. */
  shownId: string | undefined;
  snoozed: Readonly<Record<string, number>>;
  onAct: (step: PlacedStep, notDone: boolean) => void;
  onSnooze: (channel: string) => void;
  onProbeSet: (channel: string) => void;
}

const MIN_MS = 60_000;

/** What of one dish matters most now: food that must come out of the heat, the act in hand, or how it gets on. */
export function DishCard({ dish, shownId, snoozed, onAct, onSnooze, onProbeSet }: Props) {
  const { at, nowMs, timeZone, name } = dish;
  const { heats, act: shown } = onCard(dish, shownId);
  if (!shown && at.inHeat.length === 0)
    return <p className="font-display text-3xl">{words.allDoneHowWasIt(name)}</p>;
  return (
    <>
      {heats.map((heat) => {
        const inMs = heat.sinceMs;
        const forecast = dish.foreseen[heat.exit.channel]?.forecast;
        return (
          <HeatCard
            key={heat.exit.channel}
            dish={name}
            heat={heat}
            nowMs={nowMs}
            timeZone={timeZone}
            outMs={forecast ? inMs + forecast.doneMin * MIN_MS : heat.out.dueMs}
            snoozedUntilMs={snoozed[`${dish.key}/${heat.exit.channel}`] ?? 0}
            onOut={() => onAct(heat.out, false)}
            onSnooze={() => onSnooze(heat.exit.channel)}
            onProbeSet={() => onProbeSet(heat.exit.channel)}
          />
        );
      })}
      {shown && (
        <ActCard
          act={shown}
          dish={name}
          nowMs={nowMs}
          timeZone={timeZone}
          onDone={() => onAct(shown, false)}
          onNotDone={() => onAct(shown, true)}
        />
      )}
    </>
  );
}
