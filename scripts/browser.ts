/** Debian's Chromium in the build that never opens a window: it starts and draws sooner. For tests, pictures and benchmarks. */
export const BROWSER = {
  executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium-headless-shell",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
  ],
};
