import type { Metadata } from "next";
import { BatchPage } from "@/features/batch/batch-page";
import { loadBatchPage } from "@/server/pages";
import * as words from "@/words/app/batch/id/page";

export const metadata: Metadata = { title: words.batch };

export default async function Page({ params }: PageProps<"/batch/[id]">) {
  return <BatchPage {...await loadBatchPage((await params).id)} />;
}
