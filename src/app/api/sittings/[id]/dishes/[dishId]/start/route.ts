import { startDishRequest } from "@/contracts/sitting";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { heavy } from "@/server/heavy/pool";

type Context = { params: Promise<{ id: string; dishId: string }> };

export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    const start = await readBody(request, startDishRequest);
    const { id, dishId } = await params;
    return Response.json(await heavy(database(), "startDish", id, dishId, start, Date.now()), {
      status: 201,
    });
  });
