import { toldSchema } from "@/contracts/taste";
import { database } from "@/server/database";
import { answer, mayWrite, readBody } from "@/server/http";
import { answerTasting, takeBack } from "@/server/taste";

type Params = { params: Promise<{ id: string }> };

export const POST = (request: Request, { params }: Params) =>
  answer(async () =>
    Response.json(answerTasting(database(), (await params).id, await readBody(request, toldSchema))),
  );

/** Takes the last answer of one eater back: `?eater=…`. */
export const DELETE = (request: Request, { params }: Params) =>
  answer(async () => {
    await mayWrite(request);
    const eaterId = new URL(request.url).searchParams.get("eater") ?? "";
    return Response.json(takeBack(database(), (await params).id, eaterId));
  });
