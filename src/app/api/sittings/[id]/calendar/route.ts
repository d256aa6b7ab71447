import { database } from "@/server/database";
import { calendarOf, plannedNow } from "@/server/exchange/plan-out";
import { answer, download } from "@/server/http";
import { calendarOfPlan } from "@/server/plans";
import { loadSitting } from "@/server/sittings";

type Context = { params: Promise<{ id: string }> };

export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const sitting = loadSitting(database(), (await params).id, Date.now());
    plannedNow(sitting);
    const text = calendarOf(sitting, calendarOfPlan(database(), sitting, Date.now()));
    return download(text, "text/calendar", `${sitting.body.name}.ics`);
  });
