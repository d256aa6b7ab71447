import { SittingPage } from "@/features/sitting/sitting-page";
import { loadSittingPage } from "@/server/pages";

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <SittingPage {...await loadSittingPage((await params).id)} />;
}
