/** Opens the database when the server starts, so that migrations run before the first request. */
export async function register() {
  if (process.env.NEXT_RUNTIME === "nodejs") {
    const { database } = await import("@/server/database");
    database();
  }
}
