"use client";

import { Bell, BellOff } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { openActs, type DishAtWork } from "./dish-at-work";
import * as words from "@/words/work/alarms";

const TONE_HZ = 660;
const TONE_S = 0.5;
/** Only what has just come due is sounded: not what was due while the tablet was away. */
const JUST_MS = 60_000;
/** What must come out of the heat now is sounded again so often, until a hand says that it is out. */
const AGAIN_MS = 60_000;

interface Props {
  dishes: readonly DishAtWork[];
  /** Put off by the cook for so long, by dish and channel. */
  snoozed: Readonly<Record<string, number>>;
}

/** Sound, vibration and, if allowed, a notification at due acts; the screen stays awake while it is on. */
export function Alarms({ dishes, snoozed }: Props) {
  const [on, setOn] = useState(false);
  const sounded = useRef(new Map<string, number>());
  useWakeLock(on);
  useEffect(() => {
    if (!on) return;
    const again = (key: string) => {
      const before = sounded.current.get(key);
      return before === undefined || Date.now() - before >= AGAIN_MS;
    };
    for (const dish of dishes) {
      for (const { core, exit } of dish.at.inHeat) {
        const key = `${dish.key}/${exit.channel}`;
        const pressing = core.kind === "takeOut" || core.kind === "silent" || core.kind === "slipped";
        if (!pressing || dish.nowMs < (snoozed[key] ?? 0) || !again(`heat:${key}`)) continue;
        sounded.current.set(`heat:${key}`, Date.now());
        tell(dish.name, core.kind === "takeOut" ? words.takeItOutNow : words.lookAtTheProbe, key);
      }
      for (const act of openActs(dish)) {
        const late = dish.nowMs - act.dueMs;
        const key = `${dish.key}/${act.id}`;
        if (late < 0 || late > JUST_MS || sounded.current.has(key)) continue;
        sounded.current.set(key, Date.now());
        tell(`${dish.name}: ${act.title}`, act.why, key);
      }
    }
  }, [dishes, snoozed, on]);
  const toggle = () => {
    if (!on && "Notification" in window && Notification.permission === "default")
      void Notification.requestPermission();
    setOn(!on);
  };
  return (
    <button type="button" className="btn min-h-11" aria-pressed={on} onClick={toggle}>
      {on ? <Bell size={20} aria-hidden /> : <BellOff size={20} aria-hidden />}
      {words.soundingScreenAwake(on)}
    </button>
  );
}

const BUZZ_MS = [300, 150, 300];

function tell(title: string, body: string, tag: string): void {
  tone();
  if ("vibrate" in navigator) navigator.vibrate(BUZZ_MS);
  if ("Notification" in window && Notification.permission === "granted")
    new Notification(title, { body, tag });
}

function tone(): void {
  const audio = new AudioContext();
  const oscillator = audio.createOscillator();
  const gain = audio.createGain();
  oscillator.frequency.value = TONE_HZ;
  gain.gain.setValueAtTime(0.25, audio.currentTime);
  gain.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + TONE_S);
  oscillator.connect(gain).connect(audio.destination);
  oscillator.start();
  oscillator.stop(audio.currentTime + TONE_S);
  oscillator.onended = () => void audio.close();
}

/** Keeps the screen lit; asked for again when the page comes back into view. */
function useWakeLock(on: boolean): void {
  useEffect(() => {
    if (!on || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    const ask = () => {
      if (document.visibilityState !== "visible") return;
      navigator.wakeLock.request("screen").then(
        (got) => (lock = got),
        // A tablet low on power may say no: then the screen dims as it is used to.
        () => undefined,
      );
    };
    ask();
    document.addEventListener("visibilitychange", ask);
    return () => {
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, [on]);
}
