import { type ApiErrorCode, Problem, problem } from '../http/index.ts'

/** A sign-in that did not go through: what whoever tried is told, and the reason, which is for the security log. */
export class SignInFault extends Problem {
  constructor(
    code: Extract<ApiErrorCode, 'sign_in_failed' | 'sign_in_denied' | 'provider_down'>,
    readonly reason: string,
    /** Where it began: from there it can be tried again. */
    readonly returnTo?: string,
  ) {
    super(code, problem(code).detail)
  }
}

/** What a fault says of itself, short enough for the log. */
export const reasonOf = (fault: unknown): string => {
  const { code, message } = fault as { code?: unknown; message?: unknown }
  return (
    [code, message]
      .filter((one) => typeof one === 'string')
      .join(': ')
      .slice(0, 150) || 'unknown'
  )
}

/** Whether the provider could not be reached, rather than answered something. */
export function isDown(fault: unknown): boolean {
  for (let one = fault; one instanceof Error; one = one.cause) {
    if (
      /fetch failed|ECONN|ENOTFOUND|ETIMEDOUT|EAI_AGAIN|timed? ?out|unexpected HTTP response status code/i.test(
        one.message,
      )
    )
      return true
  }
  return false
}
