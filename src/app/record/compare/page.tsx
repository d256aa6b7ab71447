import type { Metadata } from "next";
import { CompareBatches } from "@/features/record/compare-batches";
import { loadCompare } from "@/server/pages";

export const metadata: Metadata = { title: "Two batches" };

type Search = Promise<{ [key: string]: string | string[] | undefined }>;

export default async function ComparePage({ searchParams }: { searchParams: Search }) {
  return <CompareBatches {...await loadCompare(await searchParams)} />;
}
