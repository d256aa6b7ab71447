import { makeTokenRequest } from "@/contracts/door";
import { databaseFile } from "@/server/database";
import { listTokens, makeToken, tokensFile } from "@/server/door/tokens";
import { answer, readBody } from "@/server/http";

export const GET = () => answer(() => Response.json(listTokens(tokensFile(databaseFile()))));

/** A new token: its secret is told here, and never again. */
export const POST = (request: Request) =>
  answer(async () =>
    Response.json(
      makeToken(tokensFile(databaseFile()), await readBody(request, makeTokenRequest), Date.now()),
      { status: 201, headers: { "cache-control": "no-store" } },
    ),
  );
