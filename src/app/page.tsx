import { Shelf } from "@/features/shelf/shelf";
import { loadShelf } from "@/server/pages";

export default async function ShelfPage() {
  return <Shelf {...loadShelf()} />;
}
