import { readingRequest } from "@/contracts/requests";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { addReading } from "@/server/readings";

export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const reading = await readBody(request, readingRequest);
    addReading(database(), (await params).id, reading, Date.now());
    return new Response(null, { status: 204 });
  });
