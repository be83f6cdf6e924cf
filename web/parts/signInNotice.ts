/** The server's answer to what asks for a sign-in of the last minutes. */
const CODE = 'sign_in_again'
export const SIGN_IN_AGAIN = 'ricompensa:sign-in-again'

/** Has the page ask for a new sign-in where an answer's code says so. */
export function noticeSignIn(code: string): void {
  if (code === CODE) window.dispatchEvent(new Event(SIGN_IN_AGAIN))
}
