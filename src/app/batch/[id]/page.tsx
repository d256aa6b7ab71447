import type { Metadata } from "next";
import { BatchPage } from "@/features/batch/batch-page";
import { loadBatchPage } from "@/server/pages";

export const metadata: Metadata = { title: "Batch" };

export default async function Page({ params }: PageProps<"/batch/[id]">) {
  return <BatchPage {...await loadBatchPage((await params).id)} />;
}
