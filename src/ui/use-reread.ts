import { useRouter } from "next/navigation";
import { useEffect } from "react";

/** Reads what the server has to show anew every so often, while somebody may be looking and there is a line. */
export function useReread(everyMs: number): void {
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(() => {
      if (!document.hidden && navigator.onLine) router.refresh();
    }, everyMs);
    return () => clearInterval(timer);
  }, [router, everyMs]);
}
