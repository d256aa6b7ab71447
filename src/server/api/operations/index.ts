import type { Operation } from "../operation";
import { BATCH_OPERATIONS } from "./batches";
import { COMPUTE_OPERATIONS } from "./compute";
import { FORMULA_OPERATIONS } from "./formulas";
import { KITCHEN_OPERATIONS } from "./kitchen";
import { READING_OPERATIONS } from "./readings";
import { SITTING_OPERATIONS } from "./sittings";
import { TABLE_OPERATIONS } from "./tables";
import { TASTE_OPERATIONS } from "./taste";
import { WORK_OPERATIONS } from "./work";

/** Everything the API does; the OpenAPI document is made from this same list. */
export const OPERATIONS: readonly Operation[] = [
  ...TABLE_OPERATIONS,
  ...COMPUTE_OPERATIONS,
  ...FORMULA_OPERATIONS,
  ...BATCH_OPERATIONS,
  ...WORK_OPERATIONS,
  ...READING_OPERATIONS,
  ...SITTING_OPERATIONS,
  ...KITCHEN_OPERATIONS,
  ...TASTE_OPERATIONS,
];
