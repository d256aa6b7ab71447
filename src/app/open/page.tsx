import type { Metadata } from "next";
import { OpenShared } from "@/features/share/open-shared";
import { loadRecipePage } from "@/server/pages";

export const metadata: Metadata = { title: "A shared formula" };

export default function OpenPage() {
  return <OpenShared {...loadRecipePage()} />;
}
