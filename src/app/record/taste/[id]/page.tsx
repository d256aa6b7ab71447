import type { Metadata } from "next";
import { TastingPage } from "@/features/taste/tasting-page";
import { loadTastingPage } from "@/server/pages";
import * as words from "@/words/app/record/taste/id/page";

export const metadata: Metadata = { title: words.tasting };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <TastingPage {...await loadTastingPage((await params).id)} />;
}
