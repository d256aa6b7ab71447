import type { Metadata } from "next";
import { AtWork } from "@/features/work/at-work";
import { loadAtWork } from "@/server/pages";
import * as words from "@/words/app/work/id/page";

export const metadata: Metadata = { title: words.atWork };

export default async function BatchAtWorkPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <AtWork key={id} {...await loadAtWork({ batchId: id })} />;
}
