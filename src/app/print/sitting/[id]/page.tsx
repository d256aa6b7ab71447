import { PrintSitting } from "@/features/sitting/print-sitting";
import { loadPrintSitting } from "@/server/pages";

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <PrintSitting {...await loadPrintSitting((await params).id)} />;
}
