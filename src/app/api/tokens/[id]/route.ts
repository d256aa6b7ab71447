import { databaseFile } from "@/server/database";
import { revokeToken, tokensFile } from "@/server/door/tokens";
import { answer, mayWrite } from "@/server/http";
import { notFound } from "@/server/problem";

type Context = { params: Promise<{ id: string }> };

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    if (!revokeToken(tokensFile(databaseFile()), (await params).id)) throw notFound("token");
    return new Response(null, { status: 204 });
  });
