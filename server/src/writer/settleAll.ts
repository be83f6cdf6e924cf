/** What PostgreSQL answers to every statement behind the one that failed. */
const ABORTED = '25P02'

/**
 * Waits for statements that were sent one behind the other.
 * @throws What really went wrong, rather than the "transaction is aborted" of the statements behind it.
 */
export async function settleAll(statements: readonly Promise<unknown>[]): Promise<void> {
  const ends = await Promise.allSettled(statements)
  const faults = ends.flatMap((end) => (end.status === 'rejected' ? [end.reason] : []))
  if (faults.length > 0) throw faults.find(({ code }) => code !== ABORTED) ?? faults[0]
}
