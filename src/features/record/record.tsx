"use client";

import dynamic from "next/dynamic";
import { orMissing } from "@/ui/or-missing";
import { Link } from "@/ui/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { PAGE_SIZE } from "@/contracts/figures";
import type { RecordPage, RecordQuery, TrendPoint } from "@/contracts/record";
import type { KitchenView } from "@/contracts/views";
import { Select } from "@/ui/choice";
import { KIND_NAME } from "@/ui/names";
import { Shell } from "@/ui/shell/shell";
import { useReread } from "@/ui/use-reread";
import { textIn } from "@/ui/form-text";
import { PickColumns } from "./pick-columns";
import { RecordTable } from "./record-table";
import * as words from "@/words/record/record";

/** Its charts come after the table: their place is kept. */
const Trends = dynamic(
  orMissing(async () => (await import("./trends")).Trends),
  {
    ssr: false,
    loading: () => <div className="h-72" aria-hidden />,
  },
);

interface Props {
  kitchen: KitchenView;
  record: RecordPage;
  trends: TrendPoint[];
  /** All that was done when it was drawn. */
  drawnWith: string;
}

const JUDGED: { value: RecordQuery["judged"]; label: string }[] = [
  { value: "all", label: words.judgedOrNot },
  { value: "yes", label: words.judged },
  { value: "no", label: words.notJudged },
];

/** Batches over time: found, filtered, sorted, two set side by side; and what they say together. */
export function Record({ kitchen, record, trends, drawnWith }: Props) {
  useReread(drawnWith);
  const router = useRouter();
  const { query, rows, total } = record;
  const [picked, setPicked] = useState<string[]>([]);
  const go = (part: Partial<RecordQuery>) => {
    const next = { ...query, page: 1, ...part };
    router.push(`/record?${new URLSearchParams(Object.entries(next).map(([k, v]) => [k, String(v)]))}`);
  };
  const pick = (id: string) =>
    setPicked(picked.includes(id) ? picked.filter((p) => p !== id) : [...picked, id].slice(-2));
  const pages = Math.max(1, Math.ceil(total / PAGE_SIZE));
  const kinds = [{ value: "all" as const, label: words.everyPreparation }, ...KINDS];
  return (
    <Shell
      title={words.record}
      note={words.batches(total)}
      actions={
        <>
          <Link className="btn min-h-11" href="/record/learned">
            {words.whatIsLearnt}
          </Link>
          <Link className="btn min-h-11" href="/record/taste">
            {words.houseTaste}
          </Link>
        </>
      }
    >
      <div className="space-y-4 p-4 lg:p-6">
        <form
          className="flex flex-wrap items-end gap-x-6 gap-y-2"
          onSubmit={(event) => {
            event.preventDefault();
            go({ find: textIn(new FormData(event.currentTarget), "find") });
          }}
        >
          <label className="flex items-center gap-2">
            <span className="text-quiet">{words.find}</span>
            <input name="find" type="search" className="entry !text-left" defaultValue={query.find} />
          </label>
          <Select
            label={words.preparation}
            value={query.kind}
            options={kinds}
            onChange={(kind) => go({ kind })}
          />
          <Select
            label={words.judgedField}
            value={query.judged}
            options={JUDGED}
            onChange={(judged) => go({ judged })}
          />
          <PickColumns cols={query.cols} onChange={(cols) => go({ cols })} />
          {picked.length === 2 && (
            <Link className="btn btn-primary min-h-11" href={`/record/compare?a=${picked[0]}&b=${picked[1]}`}>
              {words.compareTheTwo}
            </Link>
          )}
        </form>
        {rows.length === 0 ? (
          <p className="text-lg">
            {words.nothingInTheRecordIs({ find: query.find, kind: query.kind, judged: query.judged })}
          </p>
        ) : (
          <RecordTable
            rows={rows}
            query={query}
            timeZone={kitchen.timeZone}
            picked={picked}
            onPick={pick}
            onSort={(sort) => go({ sort })}
          />
        )}
        {pages > 1 && (
          <div className="flex items-center gap-3">
            <button
              type="button"
              className="btn min-h-11"
              disabled={query.page <= 1}
              onClick={() => go({ page: query.page - 1 })}
            >
              {words.newer}
            </button>
            <span>{words.pageOf(query.page, pages)}</span>
            <button
              type="button"
              className="btn min-h-11"
              disabled={query.page >= pages}
              onClick={() => go({ page: query.page + 1 })}
            >
              {words.older}
            </button>
          </div>
        )}
        <Trends points={trends} />
      </div>
    </Shell>
  );
}

const KINDS = (Object.keys(KIND_NAME) as (keyof typeof KIND_NAME)[]).map((value) => ({
  value,
  label: KIND_NAME[value],
}));
