import type { Metadata } from "next";
import { RunBatch } from "@/features/work/run-batch";
import { loadRun } from "@/server/pages";

export const metadata: Metadata = { title: "At work" };

export default async function RunPage({ params }: { params: Promise<{ id: string }> }) {
  return <RunBatch {...loadRun((await params).id)} />;
}
