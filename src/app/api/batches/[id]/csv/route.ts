import { loadBatch } from "@/server/batches";
import { database } from "@/server/database";
import { readingsCsv } from "@/server/exchange/csv/readings";
import { loadKitchen } from "@/server/kitchen";
import { answer, checkOrigin, download, readText } from "@/server/http";
import { allSamples, keepReadings } from "@/server/samples";

type Context = { params: Promise<{ id: string }> };

const CSV_MOST_BYTES = 8 * 1024 * 1024;

/** Everything read of a batch. */
export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const batch = loadBatch(database(), (await params).id);
    return download(
      readingsCsv(batch, allSamples(database(), batch.id), loadKitchen(database()).usual.decimal),
      "text/csv",
      `${batch.name}.readings.csv`,
    );
  });

/** Readings from such a file. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    checkOrigin(request);
    const csv = await readText(request, CSV_MOST_BYTES);
    return Response.json(keepReadings(database(), (await params).id, csv, Date.now()));
  });
