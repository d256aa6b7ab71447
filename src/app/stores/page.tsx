import type { Metadata } from "next";
import { cookies } from "next/headers";
import { Stores } from "@/features/stores/stores";
import { loadStores } from "@/server/pages";
import { themeFrom } from "@/ui/shell/theme";
import * as words from "@/words/app/stores/page";

export const metadata: Metadata = { title: words.stores };

export default async function StoresPage({ searchParams }: PageProps<"/stores">) {
  const { find } = await searchParams;
  return (
    <Stores
      {...loadStores()}
      find={typeof find === "string" ? find : undefined}
      theme={themeFrom((await cookies()).get("theme")?.value)}
    />
  );
}
