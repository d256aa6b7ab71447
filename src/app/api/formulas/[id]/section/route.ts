import { database } from "@/server/database";
import { answer } from "@/server/http";
import { Refusal } from "@/server/problem";
import { sectionDrawing } from "@/server/section-drawings";
import * as words from "@/words/app/api/formulas/id/section/route";

/** A formula's section as a drawing: ?version=. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const version = Number(new URL(request.url).searchParams.get("version") ?? Number.NaN);
    if (!Number.isInteger(version)) throw new Refusal(400, words.whichVersion, words.nameAVersionVersion1);
    const svg = sectionDrawing(database(), (await params).id, version);
    return new Response(svg, {
      headers: {
        "Content-Type": "image/svg+xml",
        "Content-Security-Policy": "default-src 'none'; style-src 'unsafe-inline'",
        // What a version holds is another after a snapshot was put back, and the rate is learnt anew.
        "Cache-Control": "private, no-cache",
      },
    });
  });
