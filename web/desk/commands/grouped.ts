/** Rows by their groups, those without one first. */
export function grouped<T extends { readonly settings: { readonly group: string } }>(
  rows: readonly T[],
): (readonly [string, readonly T[]])[] {
  const names = [...new Set(rows.map(({ settings }) => settings.group))].sort((a, b) => a.localeCompare(b))
  return names.map((name) => [name, rows.filter(({ settings }) => settings.group === name)] as const)
}
