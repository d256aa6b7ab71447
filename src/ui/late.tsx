import * as words from "@/words/ui/late";

/** Said once it has taken a moment: what stands below is of what was typed before. */
export const Late = () => (
  <span
    className="late-note pointer-events-none absolute top-0 right-4 z-10 bg-base-content px-2 text-sm text-base-100"
    aria-hidden
  >
    {words.workingItOut}
  </span>
);
