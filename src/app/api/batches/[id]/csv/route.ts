import { loadBatch } from "@/server/batches";
import { database } from "@/server/database";
import { CSV_MOST_BYTES } from "@/server/exchange/csv/readings";
import { heavy } from "@/server/heavy/pool";
import { dropWorkFile, fileBy } from "@/server/heavy/work-files";
import { loadKitchen } from "@/server/kitchen";
import { answer, checkOrigin, downloadFile, saveFile } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

/** Everything read of a batch. */
export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const db = database();
    const { id, name } = loadBatch(db, (await params).id);
    const { decimal } = loadKitchen(db).usual;
    const file = await fileBy((to) => heavy(db, "readingsCsv", id, to, decimal));
    return downloadFile(file, "text/csv; charset=utf-8", `${name}.readings.csv`);
  });

/** Readings from such a file. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    checkOrigin(request);
    const { id } = loadBatch(database(), (await params).id);
    const file = await saveFile(request, CSV_MOST_BYTES);
    try {
      return Response.json(await heavy(database(), "keepReadings", id, file, Date.now()));
    } finally {
      dropWorkFile(file);
    }
  });
