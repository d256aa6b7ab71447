import { type DestinationStream, type Logger, type LoggerOptions, pino, stdTimeFunctions } from "pino";
import { ZodError } from "zod";

/** What is told of a fault: what it is and where, and of stored data that does not read the fields, never what stands in them. */
export function toldOf(error: unknown): Record<string, unknown> {
  if (error instanceof ZodError)
    return { type: "ZodError", fields: error.issues.map((i) => `${i.path.join(".")}: ${i.code}`) };
  if (!(error instanceof Error)) return { type: typeof error };
  const code = (error as NodeJS.ErrnoException).code;
  return { type: error.name, message: error.message, ...(code && { code }), stack: error.stack };
}

const OPTIONS: LoggerOptions = {
  level: process.env.LOG_LEVEL ?? "info",
  base: null,
  timestamp: stdTimeFunctions.isoTime,
  formatters: { level: (label) => ({ level: label }) },
  serializers: { err: toldOf },
};

/** Nothing that a cook typed is handed to it: ids, numbers and faults. */
export const logTo = (out?: DestinationStream): Logger => (out ? pino(OPTIONS, out) : pino(OPTIONS));

/** The server's own log: a line of JSON a thing. */
export const log = logTo();
