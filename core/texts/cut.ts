const encoder = new TextEncoder()

/** What one line of chat takes: IRC has 512 bytes for it with its sender and room. */
const LINE_BYTES = 340

/** A text cut to one line of chat, at a word, with a mark that there was more. */
export const cutForChat = (text: string): string => atWord(text, LINE_BYTES)

/** A text of at most so many bytes (UTF-8), cut at a word, never within a letter, with "…" where something is missing. */
export function atWord(text: string, bytes: number): string {
  if (encoder.encode(text).length <= bytes) return text
  let kept = ''
  let size = encoder.encode('…').length
  for (const letter of text) {
    size += encoder.encode(letter).length
    if (size > bytes) break
    kept += letter
  }
  const word = kept.lastIndexOf(' ')
  return `${word > kept.length / 2 ? kept.slice(0, word) : kept}…`
}
