import { database } from "@/server/database";
import { answer } from "@/server/http";
import { loadWork } from "@/server/work";

type Context = { params: Promise<{ id: string }> };

export const GET = (_: Request, { params }: Context) =>
  answer(async () => Response.json(loadWork(database(), (await params).id, Date.now())));
