const sorted = (_: string, value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([one], [other]) => (one < other ? -1 : 1)))
    : value

/** Whether two settings are the same, whatever order their fields came in: what is kept as JSON comes back in another. */
export const sameContent = (one: unknown, other: unknown): boolean =>
  JSON.stringify(one, sorted) === JSON.stringify(other, sorted)
