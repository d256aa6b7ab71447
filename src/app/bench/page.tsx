import type { Metadata } from "next";
import { loadBench } from "@/server/pages";
import { Bench } from "@/features/bench/bench";

export const metadata: Metadata = { title: "Bench" };

export default async function BenchPage({ searchParams }: PageProps<"/bench">) {
  const props = await loadBench(await searchParams);
  return <Bench key={`${props.formula?.id}:${props.formula?.version}`} {...props} />;
}
