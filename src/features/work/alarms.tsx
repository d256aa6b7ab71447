"use client";

import { Bell, BellOff } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import type { PlacedAct } from "./act-state";

const TONE_HZ = 660;
const TONE_S = 0.5;
/** Only what has just come due is sounded: not what was due while the tablet was away. */
const JUST_MS = 60_000;

/** Sound and, if allowed, a notification at due acts; the screen stays awake while it is on. */
export function Alarms({ acts, nowMs }: { acts: readonly PlacedAct[]; nowMs: number }) {
  const [on, setOn] = useState(false);
  const sounded = useRef(new Set<string>());
  useWakeLock(on);
  useEffect(() => {
    if (!on) return;
    for (const act of acts) {
      const late = nowMs - act.dueMs;
      if (act.doneMs !== undefined || late < 0 || late > JUST_MS || sounded.current.has(act.id)) continue;
      sounded.current.add(act.id);
      tone();
      if ("Notification" in window && Notification.permission === "granted")
        new Notification(act.title, { body: act.why, tag: act.id });
    }
  }, [acts, nowMs, on]);
  const toggle = () => {
    if (!on && "Notification" in window && Notification.permission === "default")
      void Notification.requestPermission();
    setOn(!on);
  };
  return (
    <button type="button" className="btn min-h-11" aria-pressed={on} onClick={toggle}>
      {on ? <Bell size={20} aria-hidden /> : <BellOff size={20} aria-hidden />}
      {on ? "Sounding, screen awake" : "Sound and stay awake"}
    </button>
  );
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
