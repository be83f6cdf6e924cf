/** What a word can be made of, after the "!". */
const WORD = /^[\p{L}\p{N}_-]+$/u
const SPACE = /\s/
const BANG = 33

/** A word typed in chat, as it is looked up, and where in the text it ends. */
export interface TypedWord {
  readonly word: string
  readonly end: number
}

/** The word that a line begins with, after "!", in lower case; undefined for any other line. */
export function typedWord(text: string): TypedWord | undefined {
  let from = 0
  // Most lines are talk: they are let go before anything is made of them.
  if (text.charCodeAt(0) !== BANG) {
    if (!SPACE.test(text.charAt(0))) return undefined
    from = text.length - text.trimStart().length
    if (text.charCodeAt(from) !== BANG) return undefined
  }
  let end = from + 1
  let plain = true
  for (; end < text.length; end++) {
    const code = text.charCodeAt(end)
    if (isPlain(code)) continue
    if (code === 32 || SPACE.test(text.charAt(end))) break
    plain = false
  }
  const word = text.slice(from + 1, end)
  if (plain) return word === '' ? undefined : { word, end }
  return WORD.test(word) ? { word: word.toLowerCase(), end } : undefined
}

/** a to z, 0 to 9, "_" and "-": nothing about these has to be looked at twice. */
const isPlain = (code: number): boolean =>
  (code >= 97 && code <= 122) || (code >= 48 && code <= 57) || code === 95 || code === 45
