import type { Metadata } from "next";
import { LearnedPage } from "@/features/learned/learned-page";
import { loadLearnedPage } from "@/server/pages";
import * as words from "@/words/app/record/learned/page";

export const metadata: Metadata = { title: words.whatIsLearnt };

export default async function Page() {
  return <LearnedPage {...await loadLearnedPage()} />;
}
