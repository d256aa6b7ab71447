import { sampleRequest } from "@/contracts/work";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { takeSample } from "@/server/samples";

type Context = { params: Promise<{ id: string }> };

/** A reading typed by hand, or sent by whatever bridges a real instrument. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    const sample = await readBody(request, sampleRequest);
    takeSample(database(), (await params).id, sample, Date.now());
    return Response.json(sample, { status: 201 });
  });
