import { kitchenIsReady } from "@/server/ready";

/** That the kitchen behind the server can be read and written: what a health check asks. Says nothing of what is in it. */
export const GET = () => {
  const ready = kitchenIsReady();
  return Response.json({ ready }, { status: ready ? 200 : 503, headers: { "Cache-Control": "no-store" } });
};
