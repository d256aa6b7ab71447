import type { Metadata } from "next";
import { TastingPage } from "@/features/taste/tasting-page";
import { loadTastingPage } from "@/server/pages";

export const metadata: Metadata = { title: "Tasting" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <TastingPage {...await loadTastingPage((await params).id)} />;
}
