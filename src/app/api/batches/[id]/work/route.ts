import { database } from "@/server/database";
import { answer } from "@/server/http";
import { hubOf } from "@/server/live/hub";

type Context = { params: Promise<{ id: string }> };

/** A batch as it is now, with the version that the stream goes on from. */
export const GET = (_: Request, { params }: Context) =>
  answer(async () => Response.json(hubOf(database()).look((await params).id)));
