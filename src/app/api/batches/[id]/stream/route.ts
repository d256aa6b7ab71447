import { database } from "@/server/database";
import { isAdmitted } from "@/server/door/admit";
import { answer } from "@/server/http";
import { batchStream } from "@/server/stream";

type Context = { params: Promise<{ id: string }> };

export const GET = (request: Request, { params }: Context) =>
  answer(async () => batchStream(database(), (await params).id, request.signal, () => isAdmitted(request)));
