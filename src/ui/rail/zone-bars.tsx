import { stateWord, type RailWindow, type Zones } from "./scale";

interface Props {
  zones: Zones;
  window: RailWindow;
  labelled: boolean;
}

/** Light, as wanted and salty along the rail, each in its word; between them it is a matter of degree. */
export function ZoneBars({ zones, window, labelled }: Props) {
  const { ready, past } = zones;
  const pct = (position: number) => `${position * 100}%`;
  const readyEnd = past.likely;
  const within = (position: number) =>
    ready ? `${(100 * (Math.min(position, readyEnd) - ready.from)) / (readyEnd - ready.from)}%` : "0%";
  return (
    <>
      {ready && (
        <div
          className="absolute inset-y-0"
          style={{
            left: pct(ready.from),
            width: pct(readyEnd - ready.from),
            backgroundImage: `linear-gradient(to right, transparent, color-mix(in oklab, var(--color-success) ${ready.likely >= readyEnd ? 35 : 60}%, transparent) ${within(ready.likely)}, var(--color-success) ${within(ready.sure)})`,
          }}
        />
      )}
      {past.from < 1 && (
        <div
          className="hatched absolute inset-y-0 border-l border-[var(--hatch)]"
          style={{ left: pct(past.from), right: 0 }}
        />
      )}
      {labelled && (
        <>
          <Label from={0} to={ready?.from ?? past.from} text={stateWord("notYet", window)} />
          {ready && <Label from={ready.from} to={past.from} text={stateWord("ready", window)} />}
          <Label from={past.from} to={1} text={stateWord("past", window)} />
        </>
      )}
    </>
  );
}

/** Share of the rail a letter takes; on a phone about twice that. A word that has no room is not written. */
const A_LETTER = 0.014;
const A_LETTER_ON_PHONE = 0.028;

function Label({ from, to, text }: { from: number; to: number; text: string }) {
  const span = to - from;
  if (span < text.length * A_LETTER) return null;
  return (
    <span
      className={`pointer-events-none absolute inset-y-0 items-center justify-center text-sm ${span < text.length * A_LETTER_ON_PHONE ? "hidden sm:flex" : "flex"}`}
      style={{ left: `${from * 100}%`, width: `${span * 100}%` }}
    >
      <span className="bg-base-100 px-1 leading-tight whitespace-nowrap">{text}</span>
    </span>
  );
}
