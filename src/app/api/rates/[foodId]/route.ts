import { database } from "@/server/database";
import { answer, mayWrite } from "@/server/http";
import { forgetRate } from "@/server/kitchen";
import { takeRate } from "@/server/learned";

type Context = { params: Promise<{ foodId: string }> };

export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    takeRate(database(), (await params).foodId, Date.now());
    return new Response(null, { status: 204 });
  });

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    forgetRate(database(), (await params).foodId);
    return new Response(null, { status: 204 });
  });
