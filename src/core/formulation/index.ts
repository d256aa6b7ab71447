/* What a cook decides, and nothing that is worked out from it: what a formula version stores and a batch is computed from. */

export type * from "./cook";
export type * from "./formulation";
export type * from "./lines";
export type * from "./pieces";
export type * from "./preparation";
