import { setPassphraseRequest } from "@/contracts/door";
import { changePassphrase } from "@/server/door/enter";
import { answer, readBody } from "@/server/http";

export const PUT = (request: Request) =>
  answer(async () => changePassphrase(request, await readBody(request, setPassphraseRequest)));
