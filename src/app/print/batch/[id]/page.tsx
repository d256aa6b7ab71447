import type { Metadata } from "next";
import { PrintBatch } from "@/features/print/print-batch";
import { loadBatchPage } from "@/server/pages";
import * as words from "@/words/app/print/batch/id/page";

export const metadata: Metadata = { title: words.weighOutSheet };

export default async function PrintBatchPage({ params }: PageProps<"/print/batch/[id]">) {
  return <PrintBatch {...await loadBatchPage((await params).id)} />;
}
