import type { Metadata } from "next";
import { OpenShared } from "@/features/share/open-shared";
import { loadRecipePage } from "@/server/pages";
import * as words from "@/words/app/open/page";

export const metadata: Metadata = { title: words.aSharedFormula };

export default function OpenPage() {
  return <OpenShared {...loadRecipePage()} />;
}
