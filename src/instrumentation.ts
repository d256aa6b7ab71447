/** Once, when the server starts. The condition is written out so that the build leaves the kitchen out of any other runtime. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === "nodejs") (await import("./instrumentation-node")).begin();
}
