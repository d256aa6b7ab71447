import { database } from "@/server/database";
import { recordCsv } from "@/server/exchange/csv";
import { answer, download } from "@/server/http";
import { loadKitchen } from "@/server/kitchen";
import { wholeRecord } from "@/server/record";

export const GET = () =>
  answer(() =>
    download(recordCsv(wholeRecord(database()), loadKitchen(database()).timeZone), "text/csv", "record.csv"),
  );
