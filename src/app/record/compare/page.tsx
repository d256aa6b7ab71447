import type { Metadata } from "next";
import { CompareBatches } from "@/features/record/compare-batches";
import { loadCompare } from "@/server/pages";
import * as words from "@/words/app/record/compare/page";

export const metadata: Metadata = { title: words.twoBatches };

type Search = Promise<{ [key: string]: string | string[] | undefined }>;

export default async function ComparePage({ searchParams }: { searchParams: Search }) {
  return <CompareBatches {...await loadCompare(await searchParams)} />;
}
