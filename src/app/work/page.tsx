import type { Metadata } from "next";
import { AtWork } from "@/features/work/at-work";
import { loadAtWork } from "@/server/pages";

export const metadata: Metadata = { title: "At work" };

export default function AtWorkPage() {
  return <AtWork {...loadAtWork(null)} />;
}
