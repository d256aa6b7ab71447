import { database } from "@/server/database";
import { sittingFile } from "@/server/exchange/plan-out";
import { answer, download } from "@/server/http";
import { sittingPlanned } from "@/server/planned";

type Context = { params: Promise<{ id: string }> };

export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const sitting = await sittingPlanned(database(), (await params).id, Date.now());
    return download(sittingFile(sitting), "application/json", `${sitting.body.name}.sitting.json`);
  });
