/** Why a word cannot be typed as one word in chat, and what to change; undefined: it can. */
export const wordFault = (word: string): string | undefined =>
  /^[\p{L}\p{N}_-]{1,30}$/u.test(word)
    ? undefined
    : `"${word}" cannot be typed as one word in chat. Use letters, digits, - and _.`
