import { database } from "@/server/database";
import { isAdmitted } from "@/server/door/admit";
import { answer } from "@/server/http";
import { batchStream } from "@/server/live/streams";

type Context = { params: Promise<{ id: string }> };

export const GET = (request: Request, { params }: Context) =>
  answer(async () =>
    batchStream(database(), (await params).id, {
      signal: request.signal,
      stillIn: () => isAdmitted(request),
    }),
  );
