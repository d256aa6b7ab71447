import type { Metadata } from "next";
import { House } from "@/features/taste/house";
import { loadTastePage } from "@/server/pages";

export const metadata: Metadata = { title: "House taste" };

export default function TastePage() {
  return <House {...loadTastePage()} />;
}
