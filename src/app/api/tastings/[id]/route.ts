import { database } from "@/server/database";
import { answer, checkOrigin } from "@/server/http";
import { forgetTasting } from "@/server/taste";

export const DELETE = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    checkOrigin(request);
    forgetTasting(database(), (await params).id);
    return new Response(null, { status: 204 });
  });
