import { ownEntryRequest } from "@/contracts/kitchen";
import { database } from "@/server/database";
import { answer, checkOrigin } from "@/server/http";
import { dropOwn } from "@/server/own-entries";
import { notFound } from "@/server/problem";

const KINDS = ownEntryRequest.options.map((option) => option.shape.kind.value);

export const DELETE = (request: Request, { params }: { params: Promise<{ kind: string; id: string }> }) =>
  answer(async () => {
    checkOrigin(request);
    const { kind, id } = await params;
    const known = KINDS.find((k) => k === kind);
    if (!known) throw notFound("kind of entry");
    dropOwn(database(), known, id);
    return new Response(null, { status: 204 });
  });
