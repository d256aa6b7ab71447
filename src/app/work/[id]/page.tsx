import type { Metadata } from "next";
import { AtWork } from "@/features/work/at-work";
import { loadAtWork } from "@/server/pages";

export const metadata: Metadata = { title: "At work" };

export default async function BatchAtWorkPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  return <AtWork key={id} {...await loadAtWork({ batchId: id })} />;
}
