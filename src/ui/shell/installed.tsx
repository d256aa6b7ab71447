"use client";

import { useEffect } from "react";

/** Read ahead once a session, so that every station opens without a line as it was last known. */
const STATIONS = ["/", "/bench", "/sitting", "/work", "/record", "/stores"];
const READ_AHEAD = "read-ahead";

/** Lets the browser install this kitchen and open it without a line. Does nothing where that is not built. */
export function Installed() {
  useEffect(() => {
    if (process.env.NODE_ENV !== "production" || !("serviceWorker" in navigator)) return;
    void (async () => {
      try {
        await navigator.serviceWorker.register("/sw.js");
        await navigator.serviceWorker.ready;
        if (sessionStorage.getItem(READ_AHEAD) || location.pathname === "/enter") return;
        sessionStorage.setItem(READ_AHEAD, "done");
        const pages = await caches.open("pages");
        for (const path of STATIONS) {
          const page = await fetch(path, { headers: { accept: "text/html" } });
          if (page.ok && !page.redirected) await pages.put(path, page);
        }
      } catch {
        // No secure address, or none allowed here: the kitchen works as a page.
      }
    })();
  }, []);
  return null;
}
