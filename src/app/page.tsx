import { crockNow } from "@/features/shelf/crock-now";
import { Shelf } from "@/features/shelf/shelf";
import { loadShelf } from "@/server/pages";

export default async function ShelfPage() {
  const view = loadShelf();
  const crocks = Object.fromEntries(view.running.map((batch) => [batch.id, crockNow(batch, view.nowMs)]));
  return <Shelf {...view} crocks={crocks} />;
}
