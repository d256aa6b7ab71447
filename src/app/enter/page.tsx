import type { Metadata } from "next";
import { Enter } from "@/features/door/enter";
import * as words from "@/words/app/enter/page";

export const metadata: Metadata = { title: words.comeIn };

export default async function EnterPage({ searchParams }: PageProps<"/enter">) {
  const { next } = await searchParams;
  return <Enter next={typeof next === "string" ? next : "/"} />;
}
