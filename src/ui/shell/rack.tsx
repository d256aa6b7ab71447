"use client";

import { Archive, CalendarClock, CookingPot, NotebookText, Rows3, Search, Timer } from "lucide-react";
import dynamic from "next/dynamic";
import { Link } from "../link";
import { usePathname, useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { Modal } from "../modal";
import { orMissing } from "../or-missing";
import * as words from "@/words/ui/shell/rack";

/* Fetched when somebody looks for something. */
const FindDialog = dynamic(
  orMissing(async () => (await import("./find-dialog")).FindDialog),
  { ssr: false },
);

const STATIONS = [
  { href: "/", name: words.shelf, key: "s", Icon: Rows3, covers: ["/batch"] },
  { href: "/bench", name: words.bench, key: "b", Icon: CookingPot, covers: [] },
  { href: "/sitting", name: words.sitting, key: "p", Icon: CalendarClock, covers: [] },
  { href: "/work", name: words.atWork, key: "w", Icon: Timer, covers: [] },
  { href: "/record", name: words.record, key: "r", Icon: NotebookText, covers: [] },
  { href: "/stores", name: words.stores, key: "t", Icon: Archive, covers: [] },
];

/** The slim iron rack: every station, and a letter for each. */
export function Rack() {
  const path = usePathname();
  const [find, setFind] = useState(false);
  const here = (s: (typeof STATIONS)[number]) =>
    path === s.href || [...s.covers, ...(s.href === "/" ? [] : [s.href])].some((p) => path.startsWith(p));
  return (
    <nav
      aria-label={words.stations}
      className="fixed inset-x-0 bottom-0 z-30 flex bg-[#1f2326] text-[#ece7dc] lg:static lg:w-19 lg:shrink-0 lg:flex-col print:hidden"
    >
      <StationKeys find={find} setFind={setFind} />
      <CrockMark />
      {STATIONS.map((station) => (
        <Link
          key={station.href}
          href={station.href}
          aria-current={here(station) ? "page" : undefined}
          className={`flex min-h-16 min-w-0 flex-1 flex-col items-center justify-center gap-1 border-t-4 text-center text-[0.8125rem] leading-tight [overflow-wrap:anywhere] lg:flex-none lg:text-sm lg:border-t-0 lg:border-l-4 ${
            here(station) ? "border-[#6fb7c2] bg-[#2b3136]" : "border-transparent"
          }`}
        >
          <station.Icon size={22} aria-hidden />
          {station.name}
        </Link>
      ))}
      <button
        type="button"
        className="flex min-h-16 min-w-0 flex-1 cursor-pointer flex-col items-center justify-center gap-1 border-t-4 border-transparent text-center text-[0.8125rem] leading-tight [overflow-wrap:anywhere] lg:mt-auto lg:flex-none lg:border-t-0 lg:border-l-4 lg:text-sm"
        onClick={() => setFind(true)}
      >
        <Search size={22} aria-hidden />
        {words.find}
      </button>
    </nav>
  );
}

function CrockMark() {
  return (
    <svg viewBox="0 0 40 40" className="mx-auto my-3 hidden size-9 lg:block" aria-hidden>
      <path
        d="M8 13 H32 M13 13 V9 H27 V13 M10 13 V27 Q10 32 15 32 H25 Q30 32 30 27 V13"
        fill="none"
        stroke="#ece7dc"
        strokeWidth="2.5"
      />
      <path d="M10 21 H30" stroke="#6fb7c2" strokeWidth="2.5" />
    </svg>
  );
}

/** One letter goes to each station; "/" finds anything, "?" lists the keys. Not while typing. */
function StationKeys({ find, setFind }: { find: boolean; setFind: (open: boolean) => void }) {
  const router = useRouter();
  const [help, setHelp] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (target.closest("input, textarea, select, dialog, [contenteditable]")) return;
      if (event.key === "?") setHelp(true);
      if (event.key === "/") {
        event.preventDefault();
        setFind(true);
      }
      const station = STATIONS.find((s) => s.key === event.key);
      if (station) router.push(station.href);
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [router, setFind]);
  if (find) return <FindDialog onClose={() => setFind(false)} />;
  if (!help) return null;
  return (
    <Modal title={words.keys} onClose={() => setHelp(false)}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
        {STATIONS.map((s) => (
          <Key key={s.key} name={s.key.toUpperCase()} what={s.name} />
        ))}
        <Key name="/" what={words.findAnything} />
        <Key name="↑ ↓" what={words.nudgeAFocusedWeightOr} />
        <Key name="← →" what={words.moveTheMarkerAQuarter} />
        <Key name="Ctrl Z" what={words.onTheBenchUndoA} />
      </dl>
    </Modal>
  );
}

function Key({ name, what }: { name: string; what: string }) {
  return (
    <>
      <dt>
        <kbd className="kbd">{name}</kbd>
      </dt>
      <dd>{what}</dd>
    </>
  );
}
