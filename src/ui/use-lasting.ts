import { useEffect, useState } from "react";

/** True once something has lasted so long: what is over at once must not move the page under a hand. @param ms how long */
export function useLasting(on: boolean, ms: number): boolean {
  const [lasting, setLasting] = useState(false);
  useEffect(() => {
    if (!on) return;
    const timer = setTimeout(() => setLasting(true), ms);
    return () => {
      clearTimeout(timer);
      setLasting(false);
    };
  }, [on, ms]);
  return on && lasting;
}
