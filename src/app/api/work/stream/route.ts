import { database } from "@/server/database";
import { isAdmitted } from "@/server/door/admit";
import { answer } from "@/server/http";
import { workStream } from "@/server/stream";

/** One stream for all batches of a page: a browser keeps few lines to one server. */
export const GET = (request: Request) =>
  answer(() => {
    const ids = new URL(request.url).searchParams.get("batches")?.split(",") ?? [];
    return workStream(database(), ids, request.signal, () => isAdmitted(request));
  });
