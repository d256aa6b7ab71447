import { enterRequest } from "@/contracts/door";
import { enter, leave } from "@/server/door/enter";
import { answer, readBody } from "@/server/http";

export const POST = (request: Request) =>
  answer(async () => enter(request, (await readBody(request, enterRequest)).passphrase));

export const DELETE = (request: Request) => answer(() => leave(request));
