"use client";

import { Printer } from "lucide-react";
import { Link } from "@/ui/link";
import { PrintSheet, type PrintData } from "./print-sheet";
import { TubLabels } from "./tub-label";
import * as words from "@/words/print/print-page";

/** Sheet and labels on white, with a bar that does not print. */
export function PrintPage({ data, back }: { data: PrintData; back: string }) {
  return (
    <div data-theme="stoneware" className="min-h-dvh bg-white">
      <div className="flex items-center justify-between gap-4 border-b border-line bg-base-200 px-6 py-3 print:hidden">
        <Link href={back} className="btn min-h-11">
          {words.back}
        </Link>
        <button type="button" className="btn btn-primary min-h-11" onClick={() => window.print()}>
          <Printer size={20} aria-hidden /> {words.printSheetAndLabels}
        </button>
      </div>
      <main className="mx-auto max-w-[190mm] space-y-8 p-6 print:max-w-none print:p-0">
        <PrintSheet {...data} />
        <TubLabels data={data} />
      </main>
    </div>
  );
}
