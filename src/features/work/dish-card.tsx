import type { PlacedStep } from "@/core/program/at-work";
import { ActCard } from "./cards/act-card";
import { HeatCard } from "./cards/heat-card";
import type { DishAtWork } from "./dish-at-work";

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
/** An act that is due so soon goes before food that only waits in the heat. */
const SOON_MS = 2 * MIN_MS;

/** What of one dish matters most now: food that must come out of the heat, the act in hand, or how it gets on. */
export function DishCard({ dish, shownId, snoozed, onAct, onSnooze, onProbeSet }: Props) {
  const { at, nowMs, timeZone, name } = dish;
  const asked = at.steps.find((s) => s.id === shownId);
  const current = asked ?? at.current;
  const pressing = at.inHeat.filter((h) => h.core.kind !== "rising" && h.core.kind !== "unread");
  const due = current !== undefined && (asked !== undefined || current.dueMs - nowMs <= SOON_MS);
  const heats =
    pressing.length > 0 ? pressing : due && current.kind !== "ovenOut" ? [] : at.inHeat.slice(0, 1);
  const shown = heats.length > 0 && !asked ? undefined : current;
  if (!current && at.inHeat.length === 0)
    return <p className="font-display text-3xl">{name}: all done. How was it?</p>;
  return (
    <>
      {(asked && pressing.length === 0 ? [] : heats).map((heat) => {
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
