import { database } from "@/server/database";
import { actsCsv, plannedNow } from "@/server/exchange/plan-out";
import { answer, download } from "@/server/http";
import { loadKitchen } from "@/server/kitchen";
import { sittingPlanned } from "@/server/planned";

type Context = { params: Promise<{ id: string }> };

export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const sitting = await sittingPlanned(database(), (await params).id, Date.now());
    const text = actsCsv(sitting, plannedNow(sitting).tasks, loadKitchen(database()).usual.decimal);
    return download(text, "text/csv", `${sitting.body.name}.csv`);
  });
