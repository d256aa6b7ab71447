import { database } from "@/server/database";
import { answer, checkOrigin } from "@/server/http";
import { planAgain } from "@/server/sittings";

type Context = { params: Promise<{ id: string }> };

export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    checkOrigin(request);
    return Response.json(planAgain(database(), (await params).id, Date.now()));
  });
