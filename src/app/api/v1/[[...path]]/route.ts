import { serveApi } from "@/server/api/serve";

type Context = { params: Promise<{ path?: string[] }> };

const serve = async (request: Request, { params }: Context) => serveApi(request, (await params).path ?? []);

export { serve as GET, serve as POST, serve as PUT, serve as PATCH, serve as DELETE };
