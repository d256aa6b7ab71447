import type { NextConfig } from "next";
import { LANGUAGE } from "./src/language";

const securityHeaders = [
  { key: "X-Content-Type-Options", value: "nosniff" },
  { key: "Referrer-Policy", value: "same-origin" },
  { key: "X-Frame-Options", value: "DENY" },
  { key: "Permissions-Policy", value: "camera=(), microphone=(), geolocation=()" },
];

const config: NextConfig = {
  env: { WORDS: LANGUAGE },
  ...(LANGUAGE !== "en" && {
    turbopack: { resolveAlias: { "@/words/*": `./src/words/${LANGUAGE}/*` } },
  }),
  serverExternalPackages: ["better-sqlite3", "piscina"],
  poweredByHeader: false,
  // Where a proxy does it, or nobody is far away, it is work for nothing.
  compress: process.env.COMPRESS !== "off",
  // `npm run check` has looked at the types by then.
  typescript: { ignoreBuildErrors: process.env.TYPES_CHECKED === "1" },
  experimental: {
    // What runs on the server is read in the traces of a log: as it was written, without a map beside it. Half the build.
    turbopackMinify: { server: false },
    turbopackSourceMaps: false,
    // Each room is opened when it is first asked for: up in three quarters of the time, and smaller by a fifth until then.
    preloadEntriesOnStart: false,
    // The largest body that passes the proxy: a photo. Snapshots and archives go by it.
    proxyClientMaxBodySize: "13mb",
    // Writing it takes as long as a fifth of the build: a clone that is built once has nothing from it.
    turbopackFileSystemCacheForBuild: process.env.BUILD_CACHE !== "off",
  },
  headers: async () => [{ source: "/:path*", headers: securityHeaders }],
};

export default config;
