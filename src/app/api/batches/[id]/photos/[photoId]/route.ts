import { database } from "@/server/database";
import { answer, mayWrite } from "@/server/http";
import { loadPhoto, removePhoto } from "@/server/photos";

type Context = { params: Promise<{ id: string; photoId: string }> };

export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const { id, photoId } = await params;
    return new Response(new Uint8Array(loadPhoto(database(), id, photoId)), {
      headers: { "content-type": "image/jpeg", "cache-control": "private, max-age=31536000, immutable" },
    });
  });

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    const { id, photoId } = await params;
    removePhoto(database(), id, photoId);
    return new Response(null, { status: 204 });
  });
