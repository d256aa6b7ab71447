import { database } from "@/server/database";
import { isAdmitted } from "@/server/door/admit";
import { answer } from "@/server/http";
import { kitchenStream } from "@/server/live/streams";

/** Everything as it happens, on one line a browser: its pages share it, for a browser keeps few lines to one server. */
export const GET = (request: Request) =>
  answer(() => kitchenStream(database(), { signal: request.signal, stillIn: () => isAdmitted(request) }));
