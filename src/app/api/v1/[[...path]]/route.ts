import { admit } from "@/server/door/admit";
import { answer } from "@/server/http";
import { serveApi } from "@/server/api/serve";

type Context = { params: Promise<{ path?: string[] }> };

const serve = async (request: Request, { params }: Context) => {
  const path = (await params).path ?? [];
  // The proxy lets this one by, for the size of what comes in: who comes in is asked here.
  return answer(async () => {
    if (path.join("/") === "archive") await admit(request);
    return serveApi(request, path);
  });
};

export { serve as GET, serve as POST, serve as PUT, serve as PATCH, serve as DELETE };
