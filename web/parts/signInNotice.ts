/** The server's answer to what asks for a sign-in of the last minutes. */
const CODE = 'sign_in_again'
export const SIGN_IN_AGAIN = 'ricompensa:sign-in-again'

let asked: string | undefined

/** Has the page ask for a new sign-in where an answer's code says so. */
export function noticeSignIn(code: string, sentence: string): void {
  if (code !== CODE) return
  asked = sentence
  window.dispatchEvent(new Event(SIGN_IN_AGAIN))
}

/** Whether a sentence is what the page asks already, so that it need not be said in passing, too. */
export const isAsked = (sentence: string): boolean => sentence === asked
