import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { unreadable } from "@/server/unreadable";
import { DoesNotRead } from "@/ui/shell/does-not-read";
import * as words from "@/words/app/does-not-read/what/id/page";

export const metadata: Metadata = { title: words.doesNotRead };

type Props = { params: Promise<{ what: string; id: string }> };

/** In place of a page whose row of the kitchen's file is spoilt. */
export default async function DoesNotReadPage({ params }: Props) {
  const { what, id } = await params;
  const row = unreadable().find(
    (r) => r.what === decodeURIComponent(what) && r.id === decodeURIComponent(id),
  );
  if (!row) notFound();
  return <DoesNotRead row={row} />;
}
