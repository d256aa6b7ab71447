import { database } from "@/server/database";
import { loadDemoKitchen } from "@/server/demo/load";
import { photographDemo } from "@/server/demo/photos";
import { answer, mayWrite } from "@/server/http";

export const POST = (request: Request) =>
  answer(async () => {
    await mayWrite(request);
    const nowMs = Date.now();
    loadDemoKitchen(database(), nowMs);
    await photographDemo(database(), nowMs);
    return new Response(null, { status: 204 });
  });
