import { createReadStream } from "node:fs";
import path from "node:path";
import { Readable } from "node:stream";
import { databaseFile } from "@/server/database";
import { answer, download } from "@/server/http";
import { notFound } from "@/server/problem";
import { listSnapshots, snapshotFolder } from "@/server/safekeeping/snapshots";

/** One of the snapshots kept by itself; only names that are listed are opened. */
export const GET = (_request: Request, { params }: { params: Promise<{ name: string }> }) =>
  answer(async () => {
    const folder = snapshotFolder(databaseFile());
    const { name } = await params;
    const listed = listSnapshots(folder).find((s) => s.name === name);
    if (!listed) throw notFound("snapshot");
    const bytes = Readable.toWeb(createReadStream(path.join(folder, listed.name)));
    return download(bytes as ReadableStream<Uint8Array>, "application/vnd.sqlite3", listed.name);
  });
