import type { Metadata } from "next";
import { loadBench } from "@/server/pages";
import { Bench } from "@/features/bench/bench";
import * as words from "@/words/app/bench/page";

export const metadata: Metadata = { title: words.bench };

export default async function BenchPage({ searchParams }: PageProps<"/bench">) {
  return <Bench {...await loadBench(await searchParams)} />;
}
