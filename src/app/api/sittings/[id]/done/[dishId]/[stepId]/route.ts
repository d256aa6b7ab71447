import { database } from "@/server/database";
import { answer, checkOrigin } from "@/server/http";
import { undoSittingAct } from "@/server/sittings";

type Context = { params: Promise<{ id: string; dishId: string; stepId: string }> };

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    checkOrigin(request);
    const { id, dishId, stepId } = await params;
    undoSittingAct(database(), id, `${dishId}/${stepId}`);
    return new Response(null, { status: 204 });
  });
