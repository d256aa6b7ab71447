import { database } from "@/server/database";
import { heavy } from "@/server/heavy/pool";
import { dropWorkFile } from "@/server/heavy/work-files";
import { answer, checkOrigin, saveFile } from "@/server/http";
import { PHOTO_LIMIT_BYTES } from "@/server/photos";

type Context = { params: Promise<{ id: string }> };

/** A picture as it is: the body is the file. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    checkOrigin(request);
    const { id } = await params;
    const file = await saveFile(request, PHOTO_LIMIT_BYTES);
    try {
      return Response.json(await heavy(database(), "keepPhoto", id, file, Date.now()), { status: 201 });
    } finally {
      dropWorkFile(file);
    }
  });
