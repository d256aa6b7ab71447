import type { Metadata } from "next";
import { PrintDraft } from "@/features/print/print-draft";
import { loadPrintDraft } from "@/server/pages";

export const metadata: Metadata = { title: "Weigh-out sheet" };

export default async function PrintDraftPage({ searchParams }: PageProps<"/print/draft">) {
  return <PrintDraft {...await loadPrintDraft(await searchParams)} />;
}
