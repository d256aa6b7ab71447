import Link from "next/link";
import { Shell } from "@/ui/shell/shell";

export default function NotFound() {
  return (
    <Shell title="Not here">
      <div className="p-6">
        <p className="mb-4 text-lg">There is no such batch, formula or page in this kitchen.</p>
        <Link href="/" className="btn btn-primary">
          To the Shelf
        </Link>
      </div>
    </Shell>
  );
}
