import { database } from "@/server/database";
import { answer, mayWrite } from "@/server/http";
import { undoSittingAct } from "@/server/sittings";

type Context = { params: Promise<{ id: string; dishId: string; stepId: string }> };

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    const { id, dishId, stepId } = await params;
    undoSittingAct(database(), id, `${dishId}/${stepId}`);
    return new Response(null, { status: 204 });
  });
