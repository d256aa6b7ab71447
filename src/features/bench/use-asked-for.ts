import { useRouter, useSearchParams } from "next/navigation";
import { useState } from "react";

const askedAs = (formulaId = "", version = "") => `${formulaId}:${version}`;

/**
 * Which Bench stands here, counted: another one when the address asks for another formula or for none, the same one when what
 * stands on it was saved and the address now has its name.
 */
export function useAskedFor(): { bench: number; savedAs: (formulaId: string) => void } {
  const router = useRouter();
  const search = useSearchParams();
  const asked = askedAs(search.get("formula") ?? undefined, search.get("version") ?? undefined);
  const [own, setOwn] = useState<string | null>(null);
  const [seen, setSeen] = useState({ asked, bench: 0 });
  if (asked !== seen.asked) {
    const isOwn = asked === own;
    setSeen({ asked, bench: seen.bench + (isOwn ? 0 : 1) });
    if (!isOwn) setOwn(null);
  }
  const savedAs = (formulaId: string) => {
    setOwn(askedAs(formulaId));
    const address = `/bench?formula=${formulaId}`;
    // Past the router at once, so that a reload finds what was saved however late the router's own answer comes.
    history.replaceState(history.state, "", address);
    // And by the router: an address that it did not set itself, and a page read anew just then, it takes for another page.
    router.replace(address, { scroll: false });
  };
  return { bench: seen.bench, savedAs };
}
