import type { Metadata } from "next";
import { LearnedPage } from "@/features/learned/learned-page";
import { loadLearnedPage } from "@/server/pages";

export const metadata: Metadata = { title: "What is learnt" };

export default async function Page() {
  return <LearnedPage {...await loadLearnedPage()} />;
}
