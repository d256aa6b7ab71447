import { z } from "zod";

/** Of a food, a salt or an ingredient: the tables' own, or one of the kitchen's. */
export const idSchema = z.string().min(1).max(80);
