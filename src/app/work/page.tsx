import type { Metadata } from "next";
import { AtWork } from "@/features/work/at-work";
import { loadAtWork } from "@/server/pages";
import * as words from "@/words/app/work/page";

export const metadata: Metadata = { title: words.atWork };

type Props = { searchParams: Promise<Record<string, string | string[] | undefined>> };

export default async function AtWorkPage({ searchParams }: Props) {
  const { rehearsal } = await searchParams;
  const view = await loadAtWork(typeof rehearsal === "string" ? { rehearsalId: rehearsal } : {});
  return <AtWork key={view.rehearsalId ?? ""} {...view} />;
}
