import { loadBatch } from "@/server/batch-views";
import { database } from "@/server/database";
import { admit } from "@/server/door/admit";
import { CSV_MOST_BYTES } from "@/server/exchange/csv/readings";
import { heavy } from "@/server/heavy/pool";
import { dropWorkFile, fileBy } from "@/server/heavy/work-files";
import { loadKitchen } from "@/server/kitchen";
import { answer, downloadFile, saveFile } from "@/server/http";

/* The proxy lets this path by, for the size of what comes in: who comes in is asked here. */

type Context = { params: Promise<{ id: string }> };

/** Everything read of a batch. */
export const GET = (request: Request, { params }: Context) =>
  answer(async () => {
    await admit(request);
    const db = database();
    const { id, name } = loadBatch(db, (await params).id);
    const { decimal } = loadKitchen(db).usual;
    const file = await fileBy((to) => heavy(db, "readingsCsv", id, to, decimal));
    return downloadFile(file, "text/csv; charset=utf-8", `${name}.readings.csv`);
  });

/** Readings from such a file. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    await admit(request);
    const { id } = loadBatch(database(), (await params).id);
    const file = await saveFile(request, CSV_MOST_BYTES);
    try {
      return Response.json(await heavy(database(), "keepReadings", id, file, Date.now()));
    } finally {
      dropWorkFile(file);
    }
  });
