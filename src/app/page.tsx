import { crockNow } from "@/features/shelf/crock-now";
import { Shelf } from "@/features/shelf/shelf";
import { loadShelf } from "@/server/pages";

export default async function ShelfPage() {
  return <Shelf {...await loadShelf(crockNow)} />;
}
