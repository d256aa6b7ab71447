import type { Metadata } from "next";
import { Enter } from "@/features/door/enter";

export const metadata: Metadata = { title: "Come in" };

export default async function EnterPage({ searchParams }: PageProps<"/enter">) {
  const { next } = await searchParams;
  return <Enter next={typeof next === "string" ? next : "/"} />;
}
