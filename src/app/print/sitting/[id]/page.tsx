import { PrintSitting } from "@/features/sitting/print-sitting";
import { loadPrintSitting } from "@/server/pages";

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <PrintSitting {...loadPrintSitting((await params).id)} />;
}
