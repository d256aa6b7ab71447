import { Link } from "@/ui/link";
import { Shell } from "@/ui/shell/shell";
import * as words from "@/words/app/not-found";

export default function NotFound() {
  return (
    <Shell title={words.notHere}>
      <div className="p-6">
        <p className="mb-4 text-lg">{words.thereIsNoSuchBatch}</p>
        <Link href="/" className="btn btn-primary">
          {words.toTheShelf}
        </Link>
      </div>
    </Shell>
  );
}
