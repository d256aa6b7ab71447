import type { MetadataRoute } from "next";
import * as words from "@/words/app/layout";

export default function manifest(): MetadataRoute.Manifest {
  return {
    name: "Iron Crock",
    short_name: "Iron Crock",
    description: words.brinesByWeightAndThe,
    start_url: "/",
    display: "standalone",
    background_color: "#f4f1ea",
    theme_color: "#1f2326",
    icons: [
      { src: "/icon.svg", sizes: "any", type: "image/svg+xml" },
      { src: "/icons/192.png", sizes: "192x192", type: "image/png" },
      { src: "/icons/512.png", sizes: "512x512", type: "image/png" },
    ],
  };
}
