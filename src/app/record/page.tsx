import type { Metadata } from "next";
import { Record } from "@/features/record/record";
import { loadRecord } from "@/server/pages";
import * as words from "@/words/app/record/page";

export const metadata: Metadata = { title: words.record };

type Search = Promise<{ [key: string]: string | string[] | undefined }>;

export default async function RecordPage({ searchParams }: { searchParams: Search }) {
  return <Record {...loadRecord(await searchParams)} />;
}
