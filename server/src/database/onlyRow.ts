/** The row of a query that always has one. @throws where it has none. */
export function onlyRow<R>({ rows: [row] }: { readonly rows: readonly R[] }): R {
  if (row === undefined) throw new Error('A query that always has a row has none.')
  return row
}
