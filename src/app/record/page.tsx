import type { Metadata } from "next";
import { Record } from "@/features/record/record";
import { loadRecord } from "@/server/pages";

export const metadata: Metadata = { title: "Record" };

export default async function RecordPage() {
  return <Record {...loadRecord()} />;
}
