/** A row's values in the order of its columns, each of its own type. */
type Values<T, Columns extends readonly (keyof T)[]> = { [At in keyof Columns]: T[Columns[At]] };

/**
 * Rows told column by column: their names once, not in every row. A column that a row does not have is left out of it.
 * @returns the rows in their order
 */
export const tabled =
  <T extends object>() =>
  <const Columns extends readonly (keyof T)[]>(columns: Columns, rows: readonly Values<T, Columns>[]): T[] =>
    rows.map(
      (values) =>
        Object.fromEntries(
          columns.map((column, at) => [column, values[at]]).filter(([, value]) => value !== undefined),
        ) as T,
    );
