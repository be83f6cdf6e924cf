const sorted = (_: string, value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([one], [other]) => (one < other ? -1 : 1)))
    : value

/** A setting as text, its fields in the order of their names. */
export const inOrder = (content: unknown): string => JSON.stringify(content, sorted)

/** Whether two settings are the same, whatever order their fields came in: what is kept as JSON comes back in another. */
export const sameContent = (one: unknown, other: unknown): boolean => inOrder(one) === inOrder(other)
