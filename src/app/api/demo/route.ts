import { database } from "@/server/database";
import { loadDemoKitchen } from "@/server/demo/load";
import { answer, checkOrigin } from "@/server/http";

export const POST = (request: Request) =>
  answer(() => {
    checkOrigin(request);
    loadDemoKitchen(database(), Date.now());
    return new Response(null, { status: 204 });
  });
