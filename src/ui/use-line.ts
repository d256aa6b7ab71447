import { useEffect, useState } from "react";
import { read } from "./send";

const LOOK_MS = 8000;

/** Whether the kitchen's server can be reached; looked at every few seconds while the page is seen. */
export function useLine(): boolean {
  const [there, setThere] = useState(true);
  useEffect(() => {
    let gone = false;
    const look = async () => {
      if (document.hidden) return;
      const answer = await read("/api/alive");
      if (!gone) setThere(answer.ok || answer.problem.status !== 0);
    };
    const lost = () => setThere(false);
    const now = () => void look();
    now();
    const timer = setInterval(now, LOOK_MS);
    window.addEventListener("online", now);
    window.addEventListener("offline", lost);
    return () => {
      gone = true;
      clearInterval(timer);
      window.removeEventListener("online", now);
      window.removeEventListener("offline", lost);
    };
  }, []);
  return there;
}
