import "@fontsource/zilla-slab/600.css";
import "@fontsource/zilla-slab/700.css";
import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/jetbrains-mono";
import "./globals.css";
import type { Metadata, Viewport } from "next";
import { cookies } from "next/headers";
import { drawnAtMs, kitchenMeasures, storesVersion } from "@/server/pages";
import { MeasuresProvider } from "@/ui/measures";
import { clockJumped } from "@/server/clock-watch";
import { ClockNotice } from "@/ui/shell/clock-notice";
import { UnreadableNotice } from "@/ui/shell/unreadable-notice";
import { unreadable } from "@/server/unreadable";
import { letters } from "./fonts";
import { Installed } from "@/ui/shell/installed";
import { themeFrom } from "@/ui/shell/theme";
import { LANGUAGE } from "@/language";
import * as words from "@/words/app/layout";

export const metadata: Metadata = {
  title: { default: "Iron Crock", template: "%s · Iron Crock" },
  description: words.brinesByWeightAndThe,
};

/** Every page is of this kitchen and of now: a build draws none, and so opens no kitchen. */
export const dynamic = "force-dynamic";

export const viewport: Viewport = { width: "device-width", initialScale: 1 };

export default async function RootLayout({ children }: { children: React.ReactNode }) {
  const theme = themeFrom((await cookies()).get("theme")?.value);
  return (
    <html lang={LANGUAGE} data-theme={theme} className={letters}>
      <body data-drawn-ms={drawnAtMs()} data-stores={storesVersion()}>
        <UnreadableNotice rows={unreadable()} />
        <ClockNotice byMs={clockJumped()} />
        <MeasuresProvider measures={kitchenMeasures()}>{children}</MeasuresProvider>
        <Installed />
      </body>
    </html>
  );
}
