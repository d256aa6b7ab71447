import type { Metadata } from "next";
import { House } from "@/features/taste/house";
import { loadTastePage } from "@/server/pages";
import * as words from "@/words/app/record/taste/page";

export const metadata: Metadata = { title: words.houseTaste };

export default function TastePage() {
  return <House {...loadTastePage()} />;
}
