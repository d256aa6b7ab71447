import { kitchenRequest } from "@/contracts/requests";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { changeKitchen } from "@/server/kitchen";

export const PATCH = (request: Request) =>
  answer(async () => Response.json(changeKitchen(database(), await readBody(request, kitchenRequest))));
