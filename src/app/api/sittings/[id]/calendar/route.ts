import { database } from "@/server/database";
import { calendarOf, plannedNow } from "@/server/exchange/plan-out";
import { answer, download } from "@/server/http";
import { loadKitchen } from "@/server/kitchen";
import { calendarOfPlan } from "@/server/plans";
import { sittingPlanned } from "@/server/planned";

type Context = { params: Promise<{ id: string }> };

export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const sitting = await sittingPlanned(database(), (await params).id, Date.now());
    plannedNow(sitting);
    const { measures } = loadKitchen(database());
    const text = calendarOf(sitting, calendarOfPlan(database(), sitting, Date.now()), measures);
    return download(text, "text/calendar", `${sitting.body.name}.ics`);
  });
