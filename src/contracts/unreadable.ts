/** A row of the kitchen's file that does not read, and is left out until it does. */
export interface Unreadable {
  what: "batch" | "formula" | "sitting" | "own entry" | "judgement" | "tasting" | "settings";
  id: string;
  /** What it is called, where that could still be read. */
  name?: string;
  /** Where in it. */
  field: string;
}
