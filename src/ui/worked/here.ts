import { workOut, type Asked, type Refused, type WorkedOut } from "@/core/bench/worked";

/** On the server, before any page is alive: worked out on the spot. */
export const worked = (asked: Asked): WorkedOut | Refused | Promise<WorkedOut | Refused> => workOut(asked);
