import type { Metadata } from "next";
import { PrintBatch } from "@/features/print/print-batch";
import { loadBatchPage } from "@/server/pages";

export const metadata: Metadata = { title: "Weigh-out sheet" };

export default async function PrintBatchPage({ params }: PageProps<"/print/batch/[id]">) {
  return <PrintBatch {...await loadBatchPage((await params).id)} />;
}
