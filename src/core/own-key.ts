/** What a table says of a word somebody typed: "constructor" is no entry of any. */
export const ofKey = <T>(table: Readonly<Record<string, T>>, key: string): T | undefined =>
  Object.hasOwn(table, key) ? table[key] : undefined;
