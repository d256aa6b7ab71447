/** Once, when the server starts: the kitchen is opened and brought to the newest schema, and its keeping begins. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { database } = await import("@/server/database");
  const { startKeeping } = await import("@/server/safekeeping/keep");
  const { log } = await import("@/server/log");
  database();
  startKeeping();
  log.info("kitchen open");
}
