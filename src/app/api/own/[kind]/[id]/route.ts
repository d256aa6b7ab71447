import { z } from "zod";
import { ownEntryRequest } from "@/contracts/kitchen";
import { database } from "@/server/database";
import { answer, mayWrite, readBody } from "@/server/http";
import { dropOwn, shelveOwn } from "@/server/own-entries";
import { notFound, Refusal } from "@/server/problem";
import { usesOf } from "@/server/where-used";
import * as words from "@/words/app/api/own/kind/id/route";

const KINDS = ownEntryRequest.options.map((option) => option.shape.kind.value);
const archiveRequest = z.strictObject({ archived: z.boolean() });

type Context = { params: Promise<{ kind: string; id: string }> };

async function named({ params }: Context) {
  const { kind, id } = await params;
  const known = KINDS.find((k) => k === kind);
  if (!known) throw notFound(words.kindOfEntry);
  return { kind: known, id };
}

/** Put away, or taken out again. */
export const PATCH = (request: Request, context: Context) =>
  answer(async () => {
    const { archived } = await readBody(request, archiveRequest);
    const { kind, id } = await named(context);
    shelveOwn(database(), kind, id, archived, Date.now());
    return new Response(null, { status: 204 });
  });

/** Gone for good; refused while a formula uses it. */
export const DELETE = (request: Request, context: Context) =>
  answer(async () => {
    await mayWrite(request);
    const { kind, id } = await named(context);
    const uses = usesOf(database(), kind, id);
    if (uses.length > 0)
      throw new Refusal(
        409,
        words.inUse,
        words.useItPutItAway(uses.map((u) => u.name).join(", "), uses.length),
      );
    dropOwn(database(), kind, id);
    return new Response(null, { status: 204 });
  });
