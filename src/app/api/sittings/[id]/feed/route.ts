import { shortened } from "@/core/shortened";
import { CALENDAR } from "@/contracts/door";
import { database, databaseFile } from "@/server/database";
import { makeToken, tokensFile } from "@/server/door/tokens";
import { answer, mayWrite } from "@/server/http";
import { sittingPlanned } from "@/server/planned";
import * as words from "@/words/app/api/sittings/id/feed/route";

type Context = { params: Promise<{ id: string }> };

/** An address of a sitting's calendar that another program may follow; told once, taken back in the Stores. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    const { id, body } = await sittingPlanned(database(), (await params).id, Date.now());
    const { secret } = makeToken(
      tokensFile(databaseFile()),
      { name: shortened(words.calendarOf(body.name), 60), scope: CALENDAR, sittingId: id },
      Date.now(),
    );
    return Response.json({ path: `/api/v1/feeds/${secret}.ics` }, { status: 201 });
  });
