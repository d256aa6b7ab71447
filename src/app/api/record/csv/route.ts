import { database } from "@/server/database";
import { recordCsv } from "@/server/exchange/csv/tables";
import { answer, download } from "@/server/http";
import { loadKitchen } from "@/server/kitchen";
import { wholeRecord } from "@/server/record";

export const GET = () =>
  answer(() => {
    const { timeZone, usual } = loadKitchen(database());
    return download(recordCsv(wholeRecord(database()), timeZone, usual.decimal), "text/csv", "record.csv");
  });
