import { sittingsAtWork } from "@/server/at-work";
import { database } from "@/server/database";
import { answer } from "@/server/http";

export const GET = () => answer(() => Response.json({ sittings: sittingsAtWork(database(), Date.now()) }));
