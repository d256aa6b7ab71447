import { database } from "@/server/database";
import { heavy } from "@/server/heavy/pool";
import { answer, checkOrigin, readFile } from "@/server/http";
import { PHOTO_LIMIT_BYTES } from "@/server/photos";

type Context = { params: Promise<{ id: string }> };

/** A picture as it is: the body is the file. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    checkOrigin(request);
    const file = await readFile(request, PHOTO_LIMIT_BYTES);
    return Response.json(await heavy(database(), "keepPhoto", (await params).id, file, Date.now()), {
      status: 201,
    });
  });
