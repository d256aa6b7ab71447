import { database } from "@/server/database";
import { answer, checkOrigin } from "@/server/http";
import { heavy } from "@/server/heavy/pool";

type Context = { params: Promise<{ id: string }> };

export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    checkOrigin(request);
    return Response.json(await heavy(database(), "planAgain", (await params).id, Date.now()));
  });
