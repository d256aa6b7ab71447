"use client";

import * as words from "@/words/app/error";

/** A fault in one page: say so plainly, and offer the way on. Stored work is untouched. */
export default function PageError({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="p-6">
      <h1 className="text-3xl">{words.somethingBrokeOnThisPage}</h1>
      <p className="my-4 max-w-prose">{words.yourStoredBatchesAndFormulas}</p>
      <button type="button" className="btn btn-primary mr-3" onClick={reset}>
        {words.tryAgain}
      </button>
      {/* oxlint-disable-next-line nextjs/no-html-link-for-pages -- a full load: the page that broke is left behind */}
      <a className="btn" href="/">
        {words.toTheShelf}
      </a>
    </main>
  );
}
