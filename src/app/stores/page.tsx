import type { Metadata } from "next";
import { Stores } from "@/features/stores/stores";
import { loadStores } from "@/server/pages";

export const metadata: Metadata = { title: "Stores" };

export default async function StoresPage() {
  return <Stores {...loadStores()} />;
}
