import localFont from "next/font/local";

/*
 * The letters most pages are written in, asked for before anything is painted and with a stand-in of their own width: lines
 * do not break anew when they come. Rarer letters come from the packages' own style sheets.
 */

const display = localFont({
  src: [
    {
      path: "../../node_modules/@fontsource/zilla-slab/files/zilla-slab-latin-600-normal.woff2",
      weight: "600",
    },
    {
      path: "../../node_modules/@fontsource/zilla-slab/files/zilla-slab-latin-700-normal.woff2",
      weight: "700",
    },
  ],
  variable: "--letters-display",
  adjustFontFallback: "Times New Roman",
});

const sans = localFont({
  src: "../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2",
  weight: "200 800",
  variable: "--letters-sans",
});

const mono = localFont({
  src: "../../node_modules/@fontsource-variable/jetbrains-mono/files/jetbrains-mono-latin-wght-normal.woff2",
  weight: "100 800",
  variable: "--letters-mono",
});

export const letters = [display, sans, mono].map((font) => font.variable).join(" ");
