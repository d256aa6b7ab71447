import { database } from "@/server/database";
import { sittingFile } from "@/server/exchange/plan-out";
import { answer, download } from "@/server/http";
import { loadSitting } from "@/server/sittings";

type Context = { params: Promise<{ id: string }> };

export const GET = (_request: Request, { params }: Context) =>
  answer(async () => {
    const sitting = loadSitting(database(), (await params).id, Date.now());
    return download(sittingFile(sitting), "application/json", `${sitting.body.name}.sitting.json`);
  });
