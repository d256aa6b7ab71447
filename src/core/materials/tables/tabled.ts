/** A row's values in the order of its columns, each of its own type. */
type Values<T, Columns extends readonly (keyof T)[]> = { readonly [At in keyof Columns]: T[Columns[At]] };

/**
 * Rows told column by column: their names once, not in every row. A column that a row does not have is left out of it.
 * @param said the columns that are read  @param words those of each row, in the language that is spoken
 * @param columns all others, and what stands in them by id
 * @returns the rows in their order
 */
export const tabled =
  <T extends { id: string }>() =>
  <const Said extends readonly (keyof T)[], const Columns extends readonly (keyof T)[], Id extends string>(
    said: Said,
    words: Readonly<Record<NoInfer<Id>, Values<T, Said>>>,
    columns: Columns,
    rows: Readonly<Record<Id, Values<T, Columns>>>,
  ): T[] =>
    Object.keys(rows).map((id) => {
      const told = [
        ...columns.map((column, at) => [column, rows[id as Id][at]]),
        ...said.map((column, at) => [column, words[id as Id][at]]),
      ];
      return Object.fromEntries([["id", id], ...told.filter(([, value]) => value !== undefined)]) as T;
    });
