import { database } from "@/server/database";
import { calendarOf, plannedNow } from "@/server/exchange/plan-out";
import { answer, download } from "@/server/http";
import { loadSitting } from "@/server/sittings";

type Context = { params: Promise<{ id: string }> };

export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const sitting = loadSitting(database(), (await params).id, Date.now());
    const text = calendarOf(sitting, plannedNow(sitting).tasks);
    return download(text, "text/calendar", `${sitting.body.name}.ics`);
  });
