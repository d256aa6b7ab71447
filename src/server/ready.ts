import { database, type WholeDb } from "./database";
import { isWarming } from "./warm-up";

/** Whether a kitchen's database answers, at its newest schema, and takes writes. */
export function takesWrites(db: Pick<WholeDb, "$client">): boolean {
  const { $client } = db;
  $client.prepare("SELECT count(*) FROM formulas").get();
  return $client.pragma("query_only", { simple: true }) === 0 && !$client.readonly;
}

/** Whether who comes now is answered as quickly as later. */
export function kitchenIsReady(): boolean {
  try {
    return takesWrites(database()) && !isWarming();
  } catch {
    // Why it is not is told on its pages; whoever only asks whether hears no more than that.
    return false;
  }
}
