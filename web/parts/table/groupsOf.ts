/** Rows by their groups, in the order in which a group first comes. */
export function groupsOf<R>(rows: readonly R[], groupOf: ((row: R) => string) | undefined): [string, R[]][] {
  const groups = new Map<string, R[]>()
  for (const row of rows) {
    const group = groupOf?.(row) ?? ''
    groups.set(group, [...(groups.get(group) ?? []), row])
  }
  return [...groups]
}
