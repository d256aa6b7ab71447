import type { Metadata } from "next";
import { PrintDraft } from "@/features/print/print-draft";
import { loadPrintDraft } from "@/server/pages";
import * as words from "@/words/app/print/draft/page";

export const metadata: Metadata = { title: words.weighOutSheet };

export default async function PrintDraftPage({ searchParams }: PageProps<"/print/draft">) {
  return <PrintDraft {...await loadPrintDraft(await searchParams)} />;
}
