import type { Metadata } from "next";
import { cookies } from "next/headers";
import { Stores } from "@/features/stores/stores";
import { loadStores } from "@/server/pages";
import { themeFrom } from "@/ui/shell/theme";

export const metadata: Metadata = { title: "Stores" };

export default async function StoresPage() {
  return <Stores {...loadStores()} theme={themeFrom((await cookies()).get("theme")?.value)} />;
}
