import { admit } from "@/server/door/admit";
import { answer } from "@/server/http";
import { serveApi } from "@/server/api/serve";

type Context = { params: Promise<{ path?: string[] }> };

const serve = async (request: Request, { params }: Context) => {
  const path = (await params).path ?? [];
  // The proxy lets large uploads by: who comes in is asked here, of every path, however it is spelt.
  return answer(async () => {
    await admit(request);
    return serveApi(request, path);
  });
};

export { serve as GET, serve as POST, serve as PUT, serve as PATCH, serve as DELETE };
