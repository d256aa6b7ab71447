import { database } from "@/server/database";
import { answer, checkOrigin } from "@/server/http";
import { forgetRate } from "@/server/kitchen";

export const DELETE = (request: Request, { params }: { params: Promise<{ foodId: string }> }) =>
  answer(async () => {
    checkOrigin(request);
    forgetRate(database(), (await params).foodId);
    return new Response(null, { status: 204 });
  });
