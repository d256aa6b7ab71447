import { SittingList } from "@/features/sitting/sitting-list";
import { loadSittings } from "@/server/pages";

export const dynamic = "force-dynamic";

export default function Page() {
  return <SittingList {...loadSittings()} />;
}
