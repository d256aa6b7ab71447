import type { Metadata } from "next";
import { AtWork } from "@/features/work/at-work";
import { loadAtWork } from "@/server/pages";

export const metadata: Metadata = { title: "At work" };

type Props = { searchParams: Promise<Record<string, string | string[] | undefined>> };

export default async function AtWorkPage({ searchParams }: Props) {
  const { rehearsal } = await searchParams;
  const view = await loadAtWork(typeof rehearsal === "string" ? { rehearsalId: rehearsal } : {});
  return <AtWork key={view.rehearsalId ?? ""} {...view} />;
}
