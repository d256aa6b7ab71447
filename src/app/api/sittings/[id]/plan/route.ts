import { database } from "@/server/database";
import { answer, mayWrite } from "@/server/http";
import { heavy } from "@/server/heavy/pool";

type Context = { params: Promise<{ id: string }> };

export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    return Response.json(await heavy(database(), "planAgain", (await params).id, Date.now()));
  });
