/** Whether two plain values are the same, whatever the order of their parts' names: databases keep no order. */
export const same = (a: unknown, b: unknown): boolean => JSON.stringify(a, sorted) === JSON.stringify(b, sorted)

const sorted = (_: string, value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value
