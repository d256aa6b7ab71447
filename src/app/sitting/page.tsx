import { SittingList } from "@/features/sitting/sitting-list";
import { loadSittings } from "@/server/pages";

export default function Page() {
  return <SittingList {...loadSittings()} />;
}
