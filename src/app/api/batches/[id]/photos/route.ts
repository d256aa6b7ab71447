import { database } from "@/server/database";
import { admit } from "@/server/door/admit";
import { heavy } from "@/server/heavy/pool";
import { dropWorkFile } from "@/server/heavy/work-files";
import { answer, saveFile } from "@/server/http";
import { PHOTO_LIMIT_BYTES } from "@/server/photos";

/* The proxy lets this path by, for the size of what comes in: who comes in is asked here. */

type Context = { params: Promise<{ id: string }> };

/** A picture as it is: the body is the file. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    await admit(request);
    const { id } = await params;
    const file = await saveFile(request, PHOTO_LIMIT_BYTES);
    try {
      return Response.json(await heavy(database(), "keepPhoto", id, file, Date.now()), { status: 201 });
    } finally {
      dropWorkFile(file);
    }
  });
